import { roomForActs } from './roomForActs'
import { Words } from '@/ui'

/** An address typed by hand may name anything. */
export const NothingThere = () => (
  <Words tone="inkSoft" paddingRight={roomForActs}>
    There is nothing here. It may have been removed; undo brings back what was removed just now.
  </Words>
)
