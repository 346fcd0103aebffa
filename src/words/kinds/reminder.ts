import type { KindWords } from './kindWords'

export const reminder: KindWords<'reminder'> = {
  singular: 'reminder',
  plural: 'reminders',
  fields: {
    actionId: null,
    when: 'when',
    answered: null,
    snoozedTo: 'snoozed to',
  },
}
