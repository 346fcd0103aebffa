// One thing on the hours: an event in slate, a fixed time with an ink edge, planned work with a moss edge, dashed where
// it has no hour of its own yet. What is not an event is moved and stretched, by hand and by keys. A full day has dozens
// of them: they are plain elements dressed by public/zen.css, and one is drawn again only when it has changed itself.
import { memo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { RibbonBlock } from '@/core/day/ribbon'
import type { Id } from '@/core/record'
import { desk } from '@/held/desk'
import { useOpened } from '@/held/useOpened'
import { Unseen } from '@/ui'
import { heightOf, hourHeight, leastHeight } from './scale'
import type { Placing } from './usePlacing'
import type { OnRibbon } from './useRibbon'

/** From here on there is room for a second line. */
const twoLines = 44

interface BlockProps {
  readonly block: RibbonBlock<OnRibbon>
  readonly top: number
  readonly placing: Placing
}

const movable: readonly OnRibbon['kind'][] = ['placed', 'planned']
const stretchable: readonly OnRibbon['kind'][] = ['placed', 'planned', 'fixed']
const steps: Readonly<Record<string, number>> = { ArrowUp: -1, ArrowDown: 1, ArrowLeft: -1, ArrowRight: 1 }

/** Alt and an arrow: earlier, later, shorter, longer; with Shift half an hour. */
function usePlacingKeys({ block, placing }: BlockProps) {
  return (event: KeyboardEvent) => {
    const by = (steps[event.key] ?? 0) * (event.shiftKey ? 6 : 1)
    const isUpright = event.key === 'ArrowUp' || event.key === 'ArrowDown'
    if (event.altKey && by !== 0 && isUpright && movable.includes(block.kind)) placing.shift(block, by)
    else if (event.altKey && by !== 0 && !isUpright && stretchable.includes(block.kind))
      placing.stretch(block, block.minutes + by * 5)
    else if ((event.key === 'Backspace' || event.key === 'Delete') && block.kind === 'placed')
      placing.sendBack(block)
    else return
    event.preventDefault()
    event.stopPropagation()
  }
}

/** Blocks are made anew with every act: the same one again is nothing to draw. */
function isSameBlock(before: BlockProps, after: BlockProps): boolean {
  const fields = Object.keys({ ...before.block, ...after.block }) as (keyof OnRibbon)[]
  return (
    before.top === after.top &&
    before.placing === after.placing &&
    fields.every((field) => Object.is(before.block[field], after.block[field]))
  )
}

export const HoursBlock = memo(function HoursBlock(props: BlockProps) {
  const { block, top, placing } = props
  const { open } = useOpened()
  const { title, when, detail, kind, event, lane, lanes, isFree } = block
  const [dragged, setDragged] = useState<number | null>(null)
  const tall = Math.max(leastHeight, heightOf(dragged ?? block.to - block.from) - 3)
  const isTall = tall >= twoLines
  const isMovable = movable.includes(kind)
  const isDashed = isFree || kind === 'planned' || event?.isTentative === true
  const onKeyDown = usePlacingKeys(props)
  const classes = ['hours-line', kind, isDashed ? 'dashed' : '', isFree ? 'free' : '', isTall ? '' : 'low']
  return (
    <li
      className={[...classes, isMovable ? 'hours-block' : ''].filter(Boolean).join(' ')}
      {...(isMovable ? { 'data-of': block.id } : {})}
      onKeyDown={onKeyDown}
      style={{
        top: top + 1,
        height: tall,
        left: `${(lane / lanes) * 100}%`,
        width: `calc(${100 / lanes}% - ${lanes > 1 ? 3 : 0}px)`,
      }}
    >
      <button
        type="button"
        className="hours-open"
        data-row
        aria-haspopup="dialog"
        {...(isMovable
          ? { 'aria-keyshortcuts': 'Alt+ArrowUp Alt+ArrowDown Alt+ArrowLeft Alt+ArrowRight' }
          : {})}
        onClick={() =>
          event ? desk.getState().openSheet({ kind: 'event', event }) : open(block.id as Id<'action'>)
        }
      >
        <span className="hours-title">
          {when === '' ? null : <Unseen>{when}</Unseen>}
          {title}
          {isTall ? null : <Unseen>{detail}</Unseen>}
        </span>
        {isTall ? (
          <span className={detail === 'does not fit' ? 'hours-detail clay' : 'hours-detail'}>
            {dragged === null ? detail : `${dragged} min`}
          </span>
        ) : null}
        {kind === 'event' ? <Unseen>event</Unseen> : null}
      </button>
      {stretchable.includes(kind) && isTall ? (
        <Edge block={block} dragged={dragged} onDrag={setDragged} placing={placing} />
      ) : null}
    </li>
  )
}, isSameBlock)

/** The lower edge, taken hold of and drawn: how long it takes. */
function Edge({
  block,
  dragged,
  onDrag,
  placing,
}: {
  block: OnRibbon
  dragged: number | null
  onDrag: (minutes: number | null) => void
  placing: Placing
}) {
  const from = useRef(0)
  const minutesAt = (y: number) =>
    Math.max(5, Math.round((block.minutes + ((y - from.current) / hourHeight) * 60) / 5) * 5)
  const end = (event: PointerEvent) => {
    if (dragged === null) return
    const minutes = minutesAt(event.clientY)
    onDrag(null)
    if (event.type === 'pointerup' && minutes !== block.minutes) placing.stretch(block, minutes)
  }
  const stop = (event: { stopPropagation: () => void }) => event.stopPropagation()
  return (
    <div
      className={dragged === null ? 'hours-edge' : 'hours-edge stretching'}
      aria-hidden
      onMouseDown={stop}
      onTouchStart={stop}
      onPointerDown={(event) => {
        from.current = event.clientY
        event.currentTarget.setPointerCapture(event.pointerId)
        onDrag(block.minutes)
      }}
      onPointerMove={(event) => {
        if (dragged !== null) onDrag(minutesAt(event.clientY))
      }}
      onPointerUp={end}
      onPointerCancel={end}
    />
  )
}
