// Version 7: projects in order, after others, with people and goals; areas that point at goals; goals are a new kind.
import { withNewFields } from './newFields'

export const { entry: entryToVersion7, change: changeToVersion7 } = withNewFields({
  project: { inOrder: false, afterIds: [], personIds: [], goalIds: [] },
  area: { goalIds: [] },
})
