// Version 9: projects that are parts of others and say when they begin; stages of a project, for its parts; dates
// that a pattern counts for what it makes as a whole, and for its parts.
import { withNewFields } from './newFields'

export const { entry: entryToVersion9, change: changeToVersion9 } = withNewFields({
  project: { parentId: null, begins: null },
  stage: { projectId: null },
  counted: { projectId: null },
})
