// Version 4: a repeating action says which day of its rule it stands for, and what was changed for that one alone; a
// rule says which of its days were skipped and whether it is watched; a reminder what of it was answered or put off.
// What is waited for may be a signing off, and an action may be held back until others are done. Remarks and spells
// of work by the clock are new kinds.
import { isObject, withNewFields, type Fields } from './newFields'

const toWaiting4 = (waiting: unknown): unknown =>
  isObject(waiting) && !('toSignOff' in waiting) ? { ...waiting, toSignOff: false } : waiting

const withSignOff = (fields: Fields): Fields =>
  'waiting' in fields ? { ...fields, waiting: toWaiting4(fields['waiting']) } : fields

export const { entry: entryToVersion4, change: changeToVersion4 } = withNewFields(
  {
    action: { turn: null, alone: {}, afterIds: [], clockFromEpochMs: null, takenMinutes: null },
    repeat: { skips: [], watched: false },
    reminder: { answered: null, snoozedTo: null },
  },
  withSignOff,
)
