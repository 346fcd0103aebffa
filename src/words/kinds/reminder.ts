import type { KindWords } from './kindWords'

export const reminder: KindWords<'reminder'> = {
  one: 'reminder',
  many: 'reminders',
  fields: {
    actionId: null,
    when: 'when',
    answered: null,
    snoozedTo: 'snoozed to',
  },
}
