// A day laid out by the program: shown first, with why each is where it is, changed by hand, and kept by Save.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Wishes } from '@/core/layout'
import type { Id } from '@/core/record'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { BandHeading, Button, Choice, Column, IconButton, Row, SlideOver, Words } from '@/ui'
import { count } from '@/words'
import { spansWords } from '@/words/hours'
import { isOfToday, whyLeftWords, whyPlacedWords, wishNames } from '@/words/layout'
import { useLayout, useWishes } from './useLayout'

const none: ReadonlySet<string> = new Set()
const levels = [
  { value: '0', label: 'no' },
  { value: '1', label: 'some' },
  { value: '2', label: 'much' },
] as const

export function LayOutSheet({ isRest, onClose }: { isRest: boolean; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const [without, setWithout] = useState(none)
  const { layout, hasFailed } = useLayout(today, without)
  const title = (id: string) => recordIn(document, id as Id<'action'>)?.title ?? ''
  const leaveOut = (id: string, isOut: boolean) => {
    const next = new Set(without)
    if (isOut) next.add(id)
    else next.delete(id)
    setWithout(next)
  }
  const save = () => {
    const placings = (layout?.placed ?? []).map(({ id, from }) => ({ id: id as Id<'action'>, minute: from }))
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
      {layout && layout.placed.length === 0 ? (
        <Words tone="inkSoft">Nothing fits into what is left of today.</Words>
      ) : null}
      <Column render="ul" aria-label="As it would be" aria-busy={layout === null}>
        {(layout?.placed ?? []).map((piece) => (
          <Line
            key={piece.id}
            title={title(piece.id)}
            says={`${spansWords([piece])} · ${whyPlacedWords(piece, document, today)}`}
            act="Leave out"
            onAct={() => leaveOut(piece.id, true)}
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
        <Button kind="main" label="Save" disabled={!layout || layout.placed.length === 0} onPress={save} />
      </Row>
    </SlideOver>
  )
}

function Line({
  title,
  says,
  act,
  onAct,
}: {
  title: string
  says: string
  act: 'Leave out' | 'Put back' | null
  onAct: () => void
}) {
  return (
    <Row render="li" gap="$2" minHeight={56} borderBottomWidth={1} borderColor="$rule">
      <Column flex={1} minWidth={0} paddingVertical="$2">
        <Words>{title}</Words>
        <Words size="second" tone="inkSoft">
          {says}
        </Words>
      </Column>
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
