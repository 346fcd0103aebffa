// Version 5: a slip and an action say in whose note a check-box line stands for them. Checklists with their runs, day
// notes and talks are new kinds.
import { withNewFields } from './newFields'

export const { entry: entryToVersion5, change: changeToVersion5 } = withNewFields({
  action: { lineOf: null },
  slip: { lineOf: null },
})
