// Version 17: reviews of other times than a week came about, and the week looked back on became the first day of that
// time. What else came with it is new fields, told by the registry.
import { withRenamedFields } from './renamedFields'

export const { entry: entryToVersion17, change: changeToVersion17 } = withRenamedFields({
  review: { weekOf: 'periodFrom' },
})
