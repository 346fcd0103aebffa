// A day laid out by the program: shown first, with why each is where it is, changed by hand, and kept by Save.
import { useState, type KeyboardEvent, type ReactNode } from 'react'
import { recordIn } from '@/core/journal'
import type { Wishes } from '@/core/layout'
import type { Id } from '@/core/record'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { OpenedHourChooser } from '@/parts/choosers/useChooser'
import { BandHeading, Button, Choice, Column, IconButton, Press, Row, SlideOver, Words } from '@/ui'
import { count, shortened } from '@/words'
import { spansWords } from '@/words/hours'
import { isOfToday, pinnedWords, whyLeftWords, whyPlacedWords, wishNames } from '@/words/layout'
import { useLayout, usePlaced, useWishes, type ByHand } from './useLayout'

const untouched: ByHand = { without: new Set(), pinned: new Map() }
const lastMinute = 1435
const levels = [
  { value: '0', label: 'no' },
  { value: '1', label: 'some' },
  { value: '2', label: 'much' },
] as const

export function LayOutSheet({ isRest, onClose }: { isRest: boolean; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const [byHand, setByHand] = useState(untouched)
  const { without, pinned } = byHand
  const { layout, hasFailed } = useLayout(today, byHand)
  const placed = usePlaced(layout, byHand)
  const title = (id: string) => recordIn(document, id as Id<'action'>)?.title ?? ''
  const leaveOut = (id: string, isOut: boolean) => {
    const next = new Set(without)
    if (isOut) next.add(id)
    else next.delete(id)
    setByHand({ without: next, pinned: withHour(pinned, id, null) })
  }
  const pin = (id: string, minute: number | null) =>
    setByHand({ without, pinned: withHour(pinned, id, minute) })
  const save = () => {
    const placings = placed.map(({ id, from }) => ({ id: id as Id<'action'>, minute: from }))
    const say = `${count(placings.length, 'action')} planned by the hour`
    act('layOutDay', { date: today, placings }, { say })
    onClose()
  }
  // What is only in reach, and stays there, is counted alone.
  const ofToday = (layout?.left ?? []).filter(({ id }) => isOfToday(document, id, today))
  const left = [
    ...[...without].map((id) => ({ id, says: 'left out by you' })),
    ...ofToday.map((each) => ({ id: each.id, says: whyLeftWords(each, document) })),
  ]
  const others = (layout?.left ?? []).length - ofToday.length
  return (
    <SlideOver title={isRest ? 'Lay out the rest' : 'Lay out the day'} onClose={onClose}>
      {hasFailed ? (
        <Words role="alert" tone="clay">
          The day could not be laid out. Close this and try again.
        </Words>
      ) : null}
      {layout && placed.length === 0 ? (
        <Words tone="inkSoft">Nothing fits into what is left of today.</Words>
      ) : null}
      <Column render="ul" aria-label="As it would be" aria-busy={layout === null}>
        {placed.map((piece) => (
          <Line
            key={piece.id}
            title={title(piece.id)}
            says={`${spansWords([piece])} · ${'isOver' in piece ? pinnedWords(piece.isOver) : whyPlacedWords(piece, document, today)}`}
            act="Leave out"
            onAct={() => leaveOut(piece.id, true)}
            hour={{ minute: piece.from, isPinned: pinned.has(piece.id), onHour: (to) => pin(piece.id, to) }}
          />
        ))}
      </Column>
      {left.length > 0 ? (
        <Column>
          <BandHeading title="Not in it" end={String(left.length)} />
          <Column render="ul" aria-label="Not in it">
            {left.map(({ id, says }) => (
              <Line
                key={id}
                title={title(id)}
                says={says}
                act={without.has(id) ? 'Put back' : null}
                onAct={() => leaveOut(id, false)}
              />
            ))}
          </Column>
        </Column>
      ) : null}
      {others > 0 ? (
        <Words size="second" tone="inkSoft">
          {count(others, 'other')} in reach {others === 1 ? 'stays' : 'stay'} as{' '}
          {others === 1 ? 'it is' : 'they are'}.
        </Words>
      ) : null}
      <WishChoices />
      <Row gap="$2" justifyContent="flex-end">
        <Button kind="quiet" label="Cancel" onPress={onClose} />
        <Button kind="main" label="Save" disabled={!layout || placed.length === 0} onPress={save} />
      </Row>
    </SlideOver>
  )
}

function withHour(pinned: ByHand['pinned'], id: string, minute: number | null): ByHand['pinned'] {
  const next = new Map(pinned)
  if (minute === null) next.delete(id)
  else next.set(id, minute)
  return next
}

interface LineHour {
  readonly minute: number
  readonly isPinned: boolean
  /** Null lets the program choose it again. */
  readonly onHour: (minute: number | null) => void
}

interface LineProps {
  readonly title: string
  readonly says: string
  readonly act: 'Leave out' | 'Put back' | null
  readonly onAct: () => void
  /** Set where it has an hour, which can be another. */
  readonly hour?: LineHour
}

function Line({ title, says, act, onAct, hour }: LineProps) {
  const words = (
    <Column flex={1} minWidth={0} paddingVertical="$2" alignItems="flex-start">
      <Words>{title}</Words>
      <Words size="second" tone={hour?.isPinned ? 'moss' : 'inkSoft'}>
        {says}
      </Words>
    </Column>
  )
  return (
    <Row render="li" gap="$2" minHeight={56} borderBottomWidth={1} borderColor="$rule">
      {hour ? (
        <HourOfLine title={title} {...hour}>
          {words}
        </HourOfLine>
      ) : (
        words
      )}
      {act === null ? null : (
        <IconButton
          label={`${act}: ${title}`}
          icon={act === 'Leave out' ? 'close' : 'plus'}
          onPress={onAct}
        />
      )}
    </Row>
  )
}

const steps: Readonly<Record<string, number>> = { ArrowUp: -5, ArrowDown: 5 }

/** The line pressed asks for another hour; Alt and the arrows move it by five minutes, with Shift by half an hour. */
function HourOfLine({
  title,
  minute,
  isPinned,
  onHour,
  children,
}: LineHour & { title: string; children: ReactNode }) {
  const [isAsked, setAsked] = useState(false)
  return (
    <>
      <Press
        flex={1}
        minWidth={0}
        justifyContent="flex-start"
        aria-haspopup="dialog"
        aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
        onPress={() => setAsked(true)}
        onKeyDown={(event: KeyboardEvent) => {
          const by = (steps[event.key] ?? 0) * (event.shiftKey ? 6 : 1)
          if (!event.altKey || by === 0) return
          event.preventDefault()
          event.stopPropagation()
          onHour(Math.min(lastMinute, Math.max(0, minute + by)))
        }}
      >
        {children}
      </Press>
      {isAsked ? (
        <OpenedHourChooser
          title={`When to do “${shortened(title)}”`}
          minute={minute}
          none={isPinned ? 'any hour' : null}
          onChoose={onHour}
          onClose={() => setAsked(false)}
        />
      ) : null}
    </>
  )
}

/** What is wanted of a day, in plain words. */
function WishChoices() {
  const [wishes, setWishes] = useWishes()
  const [isOpen, setOpen] = useState(false)
  if (!isOpen)
    return (
      <Row>
        <Button kind="quiet" label="What matters today" marginLeft="$-2" onPress={() => setOpen(true)} />
      </Row>
    )
  return (
    <Column gap="$2" role="group" aria-label="What matters today">
      {(Object.keys(wishNames) as (keyof Wishes)[]).map((wish) => (
        <Choice
          key={wish}
          label={wishNames[wish]}
          options={levels}
          chosen={[String(wishes[wish]) as '0']}
          onToggle={(level) => setWishes({ ...wishes, [wish]: Number(level) })}
        />
      ))}
    </Column>
  )
}
