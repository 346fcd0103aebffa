// When it reminds. Each reminder is a record that belongs to the action.
import { isEqual } from '../isEqual'
import { strong } from '../sentence/interpretation'
import { readReminder, type ReminderWhen } from '../sentence/reminderPhrase'
import type { Facet } from './facet'

export interface ReminderMeaning {
  readonly kind: 'reminder'
  readonly when: ReminderWhen
}

export const reminderFacet: Facet<ReminderMeaning> = {
  fields: [],
  read: (phrase, calendar) => {
    const when = readReminder(phrase, calendar)
    return when && strong({ kind: 'reminder', when })
  },
  clauses: {
    reminder: {
      isMany: true,
      isInFront: true,
      isInMiddle: true,
      namedBy: /^(?:remind|reminder|with a reminder)\b/,
      isHeld: ({ when }, fields) => fields.reminders.some((each) => isEqual(each, when)),
    },
  },
  draft: ({ all }) => ({ reminders: all('reminder').map(({ when }) => when) }),
  alongside: ({ reminders }) => (reminders.length > 0 ? { parts: { reminders }, patch: {} } : null),
  off: [{ called: /^(?:reminders?|reminding)$/, parts: { noReminders: true } }],
}
