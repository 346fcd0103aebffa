// Version 6: lenses and the plans of days are new kinds; no record of version 5 changes.
import { withNewFields } from './newFields'

export const { entry: entryToVersion6, change: changeToVersion6 } = withNewFields({})
