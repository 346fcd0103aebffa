import type { Action } from '../record'

/** An action about which nothing is said: tests change the fields they speak of. */
export const plainAction: Action = {
  id: 'action:a',
  title: 'a',
  note: '',
  address: null,
  projectId: null,
  areaId: null,
  contextIds: [],
  personIds: [],
  horizon: 'soon',
  weight: 'should',
  energy: null,
  minutes: null,
  due: null,
  notBefore: null,
  at: null,
  day: null,
  moved: [],
  startedAtEpochMs: null,
  waiting: null,
  rank: 'a0',
  createdAtEpochMs: 1,
  slipId: null,
  doneAtEpochMs: null,
  letGoAtEpochMs: null,
}
