// The slip row: seal, title, one soft line of details, and at the far right, under the thumb, the tick box.
// Lists of thousands are made of it, so it is plain elements dressed by public/zen.css, with the theme's own variables.
import type { CSSProperties, KeyboardEvent, MouseEvent, MouseEventHandler, TouchEventHandler } from 'react'
import { Seal } from './Seal'
import { SquareButton, type SquareButtonProps } from './SquareButton'
import { Tick } from './Tick'
import { Unseen } from './Unseen'
import { useHold } from './useHold'

/** What lets a row be carried: by the mouse anywhere, by a finger at its seal. */
export interface CarriedBy {
  readonly boxRef: (element: HTMLElement | null) => void
  readonly onMouseDown?: MouseEventHandler | undefined
  readonly onTouchStart?: TouchEventHandler | undefined
  readonly style?: CSSProperties | undefined
  readonly isCarried: boolean
  /** Something would be laid here. */
  readonly isLanding: boolean
}

export interface SlipRowProps {
  /** What the row is of, for finding it. */
  readonly of?: string
  readonly carry?: CarriedBy | undefined
  readonly title: string
  readonly details: string
  readonly stamp: string | null
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
  carry,
  title,
  details,
  stamp,
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
      ref={carry?.boxRef}
      className={[
        'slip-row',
        chosen ? 'chosen' : '',
        together ? 'together' : '',
        carry?.isCarried ? 'carried' : '',
        carry?.isLanding ? 'landing-row' : '',
      ]
        .filter(Boolean)
        .join(' ')}
      style={carry?.style}
      data-of={of}
      onKeyDown={onKeyDown}
      onMouseDown={carry?.onMouseDown}
    >
      {carry ? (
        <span className="seal-grip" onTouchStart={carry.onTouchStart}>
          <Seal stamp={stamp} ink={ink} />
        </span>
      ) : (
        <Seal stamp={stamp} ink={ink} />
      )}
      <button
        type="button"
        className="slip-open"
        data-row
        aria-pressed={together || undefined}
        {...hold}
        onClick={onOpen}
      >
        <span className={struck ? 'slip-title struck' : `slip-title ${weight}`}>
          <Unseen>Open </Unseen>
          {title}
        </span>
        {details === '' ? null : <span className="slip-details">{details}</span>}
      </button>
      {quick ? <SquareButton {...quick} /> : null}
      <Tick name={title} checked={ticked} onToggle={onTick} />
    </li>
  )
}
