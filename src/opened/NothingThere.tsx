import { Words } from '@/ui'

/** An address typed by hand may name anything. */
export const NothingThere = () => (
  <Words tone="inkSoft" paddingRight="$11">
    There is nothing here. It may have been removed; undo brings back what was removed just now.
  </Words>
)
