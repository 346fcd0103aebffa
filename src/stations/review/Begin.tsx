// The weekly review: when the last one was, what has come about since, and the way into it.
import { useState } from 'react'
import type { Review } from '@/core/record'
import { daysBetween, localMomentAt } from '@/core/time'
import { lists, select } from '@/state'
import { atWorkOf } from '@/state/read/roundLists'
import { Button, Column, EmptyPlace, Press, Row, Words } from '@/ui'
import { useOfSide } from '@/held/side'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { useAct, useHeldDocument, useZen } from '@/held/zen'
import { ActionRow } from '@/parts/rows/ActionRow'
import { RowList } from '@/parts/rows/RowList'
import { count, nearDate } from '@/words'
import { PartsOfReview } from './PartsOfReview'
import { useReads } from './reads'
import { useSeen } from './useRound'
import { OpenReview } from './OpenReview'

interface EnterProps {
  readonly onEnter: (id: string | undefined) => void
}

export function Begin({ onEnter }: EnterProps) {
  const { reviews } = useReads()
  const document = useHeldDocument()
  const open = select
    .reviewsOf(document)
    .filter(({ rhythm, finishedAtEpochMs }) => rhythm === 'week' && finishedAtEpochMs === null)
  const last = reviews.lastReviewOf(document, 'week')
  return (
    <Column gap="$3">
      {open.map((review) => (
        <OpenReview key={review.id} review={review} onEnter={onEnter} isMain />
      ))}
      {open.length === 0 ? <Start last={last} onEnter={onEnter} /> : null}
      <SinceThen last={last} />
      <PartsOfReview rhythm="week" />
    </Column>
  )
}

function Start({ last, onEnter }: EnterProps & { readonly last: Review | undefined }) {
  const act = useAct()
  const { store } = useZen()
  const { today, zone } = useSeen()
  const on = last?.finishedAtEpochMs ? localMomentAt(last.finishedAtEpochMs, zone).date : null
  const days = on ? daysBetween(on, today) : 0
  const says = on
    ? `The last review was ${nearDate(on, today)}${days > 7 ? `, ${count(days, 'day')} ago. It is time for the next one.` : '.'}`
    : 'About twenty minutes, and the week ahead is right: empty the Tray, give every project its next action, ask for what you are waiting for, and name an aim or two. Stop at any point; it waits for you.'
  return (
    <EmptyPlace says={says}>
      <Button
        kind="main"
        label="Start the review"
        onPress={() => {
          const begun = act('startReview', {}, { say: false })
          if (begun.ok) onEnter(select.reviewsOf(store.api.getState().document)[0]?.id)
        }}
      />
    </EmptyPlace>
  )
}

/** What has changed since the last one: enough for five minutes in between. */
function SinceThen({ last }: { last: Review | undefined }) {
  const document = useHeldDocument()
  const ofSide = useOfSide()
  const { today, side } = useSeen()
  const { open } = useOpened()
  const [shown, setShown] = useState<string | null>(null)
  const since = last?.finishedAtEpochMs ?? 0
  const slips = select.slipsOf(document).filter(({ setDownAtEpochMs }) => setDownAtEpochMs > since)
  const stuck = atWorkOf(document, side).filter(({ id }) => !lists.nextActionOf(document, id, today))
  const late = ofSide(lists.waitingOf(document)).filter(
    ({ waiting }) => waiting?.chaseOn && waiting.chaseOn <= today,
  )
  const lines = [
    { key: 'slips', many: slips.length, says: count(slips.length, last ? 'new slip' : 'slip') },
    { key: 'stuck', many: stuck.length, says: `${count(stuck.length, 'project')} without a next action` },
    { key: 'late', many: late.length, says: `${late.length} to chase` },
  ].filter(({ many }) => many > 0)
  if (lines.length === 0) return null
  const within = (key: string) => {
    if (key === 'late')
      return (
        <RowList
          items={late}
          label="To chase"
          render={(action) => <ActionRow action={action} quick="chase" />}
        />
      )
    const named: readonly { id: OpenableId; title: string }[] =
      key === 'slips'
        ? slips.map(({ id, text }) => ({ id, title: text }))
        : stuck.map(({ id, title }) => ({ id, title }))
    return (
      <RowList
        items={named}
        label={key === 'slips' ? 'New slips' : 'Without a next action'}
        render={({ id, title }) => (
          <div role="listitem" className="slip-row">
            <button type="button" className="slip-open" data-row onClick={() => open(id)}>
              <span className="slip-title should">{title}</span>
            </button>
          </div>
        )}
      />
    )
  }
  return (
    <Column render="section" aria-label={last ? 'Since the last review' : 'Just now'}>
      {lines.map(({ key, says }) => (
        <Column key={key} borderBottomWidth={1} borderColor="$rule">
          <Press
            minHeight={48}
            gap="$2"
            aria-expanded={shown === key}
            onPress={() => setShown(shown === key ? null : key)}
          >
            <Row flex={1} minWidth={0}>
              <Words>{says}</Words>
            </Row>
            <Words tone="brass">{shown === key ? 'Hide' : 'See'}</Words>
          </Press>
          {shown === key ? within(key) : null}
        </Column>
      ))}
    </Column>
  )
}
