// Version 3: a slip has a note and people, an action says what it brings in and how much of it only this person can do,
// what is handed over says how it was told, and slips and references that were removed are let go of instead.
// Steps, repeats, reminders, files, reading and what is laid aside are new kinds, of which nothing stood before.
import { isObject, withNewFields, type Fields } from './newFields'

const toWaiting3 = (waiting: unknown): unknown =>
  isObject(waiting) && !('how' in waiting) ? { ...waiting, how: '' } : waiting

const withHow = (fields: Fields): Fields =>
  'waiting' in fields ? { ...fields, waiting: toWaiting3(fields['waiting']) } : fields

export const { entry: entryToVersion3, change: changeToVersion3 } = withNewFields(
  {
    slip: { note: '', personIds: [], letGoAtEpochMs: null },
    reference: { letGoAtEpochMs: null },
    action: { payoff: null, craft: null },
  },
  withHow,
)
