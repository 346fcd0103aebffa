import { blankOf, type Action } from '../record'

/** An action about which nothing is said: tests change the fields they speak of. */
export const plainAction: Action = {
  ...blankOf('action'),
  id: 'action:a',
  title: 'a',
  rank: 'a0',
  createdAtEpochMs: 1,
}
