// What is kept and has nothing to tick, reading or reference: opened by a press, or chosen together with others.
import { memo, type KeyboardEvent } from 'react'
import { recordIn, type Document } from '@/core/journal'
import type { Reading, Reference } from '@/core/record'
import { actOfKey, select } from '@/state'
import { Icon, Seal } from '@/ui'
import { isTyping } from '@/held/keys'
import { useHeld } from '@/held/zen'
import { useSurroundings } from '@/parts/rows/surroundings'
import { RowOpen } from '@/parts/rows/RowOpen'
import { useChoosing } from '@/parts/rows/useChoosing'

/** The project or area that it belongs to. */
const shelfNameOf = (document: Document, { projectId, areaId }: Reading | Reference): string | null =>
  (projectId && recordIn(document, projectId)?.title) || (areaId && recordIn(document, areaId)?.name) || null

export const KeptRow = memo(function KeptRow({
  kept,
  details,
  isOver = false,
}: {
  kept: Reading | Reference
  details: string
  isOver?: boolean
}) {
  const { open, opened, keymap } = useSurroundings()
  const { id, title } = kept
  const seal = useHeld((state) => select.sealOf(state.document, kept))
  const shelf = useHeld(({ document }) => shelfNameOf(document, kept))
  const told = [shelf, details].filter(Boolean).join(' · ')
  const choosing = useChoosing(id, () => open(id))
  const classes = ['slip-row', opened === id ? 'chosen' : '', choosing.isTogether ? 'together' : '']
  return (
    <li
      className={classes.join(' ').trim()}
      onKeyDown={(event: KeyboardEvent) => {
        if (isTyping(event) || choosing.key(event, keymap)) return
        if (actOfKey(keymap, event.key) !== 'open') return
        event.preventDefault()
        open(id)
      }}
    >
      <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
      <RowOpen choosing={choosing}>
        <span className={isOver ? 'slip-title struck' : 'slip-title'}>{title}</span>
        {told === '' ? null : <span className="slip-details">{told}</span>}
      </RowOpen>
      <Icon name="next" tone="inkSoft" />
    </li>
  )
})
