// Version 12: the letters of a seal. They were a `stamp`, which is when a change was made.
import { withRenamedFields } from './renamedFields'

const seal = { stamp: 'letters' }

export const { entry: entryToVersion12, change: changeToVersion12 } = withRenamedFields({
  project: seal,
  area: seal,
  group: seal,
  lens: seal,
})
