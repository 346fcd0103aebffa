import { roomForActs } from './roomForActs'
import { Words } from '@/ui'

/** An address typed by hand may name anything. */
export const NothingThere = () => (
  <Words tone="inkSoft" paddingRight={roomForActs}>
    Nothing is here. It may have been removed. If it was just now, undo brings it back.
  </Words>
)
