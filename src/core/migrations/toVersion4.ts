// Version 4: a repeating action says which day of its rule it stands for, and what was changed for that one alone; a rule
// says which of its days were skipped and whether it is watched; a reminder whether it was answered or put off.
import { withNewFields } from './newFields'

export const { entry: entryToVersion4, change: changeToVersion4 } = withNewFields({
  action: { turn: null, alone: {} },
  repeat: { skips: [], watched: false },
  reminder: { answered: null, snoozedTo: null },
})
