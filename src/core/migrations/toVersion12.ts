// Version 12: the letters of a seal, which were a `stamp`, the word for when a change was made; of what repeats, the
// occurrence an action is, which was its `turn`, and what differs in it, which was `alone`.
import { withRenamedFields } from './renamedFields'

const seal = { stamp: 'letters' }

export const { entry: entryToVersion12, change: changeToVersion12 } = withRenamedFields({
  action: { turn: 'occurrence', alone: 'overrides' },
  project: seal,
  area: seal,
  group: seal,
  lens: seal,
})
