// The slip row: seal, title, one soft line of details, and at the far right, under the thumb, the tick box.
// Lists of thousands are made of it, so it is plain elements dressed by public/zen.css, with the theme's own variables.
import type { KeyboardEvent, MouseEvent } from 'react'
import { Seal } from './Seal'
import { SquareButton, type SquareButtonProps } from './SquareButton'
import { Tick } from './Tick'
import { useHold } from './useHold'

export interface SlipRowProps {
  /** What the row is of, for finding it. */
  readonly of?: string
  readonly title: string
  readonly details: string
  readonly letters: string | null
  readonly ink: number
  readonly weight?: 'must' | 'should' | 'could'
  readonly struck?: boolean
  /** It is the one thing opened. */
  readonly chosen?: boolean
  /** It is one of several chosen together. */
  readonly together?: boolean
  /** With the press, where it was one. */
  readonly onOpen: (event?: MouseEvent) => void
  /** A long touch. */
  readonly onHold?: () => void
  readonly ticked: boolean
  readonly onTick: () => void
  /** A second button beside the tick box, for what this list is for. */
  readonly quick?: SquareButtonProps
  readonly onKeyDown?: (event: KeyboardEvent) => void
}

export function SlipRow({
  of,
  title,
  details,
  letters,
  ink,
  weight = 'should',
  struck = false,
  chosen = false,
  together = false,
  onOpen,
  onHold,
  ticked,
  onTick,
  quick,
  onKeyDown,
}: SlipRowProps) {
  const hold = useHold(onHold)
  return (
    <li
      className={['slip-row', chosen ? 'chosen' : '', together ? 'together' : ''].filter(Boolean).join(' ')}
      data-of={of}
      onKeyDown={onKeyDown}
    >
      {/* Where rows are carried, a finger takes hold here. */}
      <span className="seal-grip">
        <Seal letters={letters} ink={ink} />
      </span>
      <button
        type="button"
        className="slip-open"
        data-row
        aria-pressed={together || undefined}
        {...hold}
        onClick={onOpen}
      >
        <span className={struck ? 'slip-title struck' : `slip-title ${weight}`}>{title}</span>
        {details === '' ? null : <span className="slip-details">{details}</span>}
      </button>
      {quick ? <SquareButton {...quick} /> : null}
      <Tick name={title} checked={ticked} onToggle={onTick} />
    </li>
  )
}
