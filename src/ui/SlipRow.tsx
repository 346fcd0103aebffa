// The slip row: seal, title, one soft line of details, and at the far right, under the thumb, the tick box.
// Lists of thousands are made of it, so it is plain elements dressed by public/zen.css, with the theme's own variables.
import type { KeyboardEvent } from 'react'
import { Icon, type IconName } from './Icon'
import { Seal } from './Seal'
import { Tick } from './Tick'
import { Unseen } from './Unseen'

export interface SlipRowProps {
  readonly title: string
  readonly details: string
  readonly stamp: string | null
  readonly ink: number
  readonly weight?: 'must' | 'should' | 'could'
  readonly struck?: boolean
  /** It is the one thing opened. */
  readonly chosen?: boolean
  readonly onOpen: () => void
  readonly ticked: boolean
  readonly onTick: () => void
  /** A second button beside the tick box, for what this list is for. */
  readonly quick?: { readonly icon: IconName; readonly label: string; readonly onPress: () => void }
  readonly onKeyDown?: (event: KeyboardEvent) => void
}

export function SlipRow({
  title,
  details,
  stamp,
  ink,
  weight = 'should',
  struck = false,
  chosen = false,
  onOpen,
  ticked,
  onTick,
  quick,
  onKeyDown,
}: SlipRowProps) {
  return (
    <li className={chosen ? 'slip-row chosen' : 'slip-row'} onKeyDown={onKeyDown}>
      <Seal stamp={stamp} ink={ink} />
      <button type="button" className="slip-open" data-row onClick={onOpen}>
        <span className={struck ? 'slip-title struck' : `slip-title ${weight}`}>
          <Unseen>Open </Unseen>
          {title}
        </span>
        {details === '' ? null : <span className="slip-details">{details}</span>}
      </button>
      {quick ? (
        <button
          type="button"
          className="square"
          aria-label={quick.label}
          title={quick.label}
          onClick={quick.onPress}
        >
          <Icon name={quick.icon} tone="inkSoft" />
        </button>
      ) : null}
      <Tick name={title} checked={ticked} onToggle={onTick} />
    </li>
  )
}
