import type { Id } from '@/core/record'
import { IconButton, Seal } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { shortened } from '@/words'

interface OrderedLineProps {
  readonly id: Id<'action'> | Id<'project'>
  readonly title: string
  readonly seal: { readonly letters: string; readonly ink: number } | null
  /** Null at the ends. */
  readonly earlier: (() => void) | null
  readonly later: (() => void) | null
}

/** One of a list in the order of the hand: carried at its seal, or moved by its buttons. */
export function OrderedLine({ id, title, seal, earlier, later }: OrderedLineProps) {
  const { open } = useOpened()
  const short = shortened(title)
  return (
    <div role="listitem" className="slip-row" data-of={id}>
      <span className="seal-grip">
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
      </span>
      <button type="button" className="slip-open" data-row onClick={() => open(id)}>
        <span className="slip-title should">{title}</span>
      </button>
      <IconButton label={`${short} earlier`} icon="up" disabled={!earlier} onPress={() => earlier?.()} />
      <IconButton label={`${short} later`} icon="down" disabled={!later} onPress={() => later?.()} />
    </div>
  )
}
