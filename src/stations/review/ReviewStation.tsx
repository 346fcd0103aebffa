// The weekly review: a guided round that can be left and taken up again, and the finished ones to read.
import { aimsOf } from '@/core/review/aimedWeek'
import { useMedia } from '@tamagui/core'
import { useState } from 'react'
import { isoWeekOf } from '@/core/time'
import type { Id } from '@/core/record'
import { select } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, Icon, Press, Row, Words } from '@/ui'
import { DeskLayout } from '@/frame/DeskLayout'
import { StationHead } from '@/frame/StationHead'
import { count, duration, momentWords, stoneWords } from '@/words'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'
import { ReviewRecord } from './ReviewRecord'
import { ReviewRound } from './ReviewRound'

export function ReviewStation() {
  const { wide } = useMedia()
  const ready = useHeld((state) => state.phase === 'ready')
  const reviews = useHeld((state) => select.reviewsOf(state.document))
  const [inRound, setInRound] = useState(false)
  const [readingId, setReadingId] = useState<Id<'review'> | null>(null)
  const open = reviews.find(({ finishedAtEpochMs }) => finishedAtEpochMs === null)
  const reading = reviews.find(({ id }) => id === readingId)
  if (!ready) return null
  if (inRound && open)
    return (
      <DeskLayout narrow>
        <ReviewRound
          review={open}
          onLeave={() => setInRound(false)}
          onFinished={(id) => {
            setInRound(false)
            setReadingId(id)
          }}
        />
      </DeskLayout>
    )
  if (reading)
    return (
      <DeskLayout narrow>
        <ReviewRecord review={reading} onLeave={() => setReadingId(null)} />
      </DeskLayout>
    )
  return (
    <DeskLayout narrow>
      <StationHead label={wide ? undefined : 'Review'} title="Weekly review" />
      <Begin onBegin={() => setInRound(true)} open={open} />
      <Past
        reviews={reviews.filter(({ finishedAtEpochMs }) => finishedAtEpochMs !== null)}
        onRead={setReadingId}
      />
    </DeskLayout>
  )
}

type Reviews = ReturnType<typeof select.reviewsOf>

function Begin({ open, onBegin }: { open: Reviews[number] | undefined; onBegin: () => void }) {
  const act = useAct()
  if (open) {
    return (
      <EmptyPlace
        says={`Your review of week ${isoWeekOf(open.weekOf)}: ${open.stonesDone.length} of 5. Next is “${stoneWords[open.stone]}”.`}
      >
        <Row gap="$2.5" flexWrap="wrap">
          <Button kind="main" label="Go on" onPress={onBegin} />
          <Button
            kind="quiet"
            label="Let go of this review"
            onPress={() => act('dropReview', { id: open.id }, { say: 'Review let go' })}
          />
        </Row>
      </EmptyPlace>
    )
  }
  return (
    <EmptyPlace says="Five steps, about twenty minutes: empty the Tray, give every project its next action, look at what you are waiting for, see what was done, and name an aim or two.">
      <Button
        kind="main"
        label="Start the review"
        onPress={() => {
          act('startReview', {}, { say: false })
          onBegin()
        }}
      />
    </EmptyPlace>
  )
}

function Past({ reviews, onRead }: { reviews: Reviews; onRead: (id: Id<'review'>) => void }) {
  const { clock } = useZen()
  const today = useToday()
  if (reviews.length === 0) return null
  return (
    <Column render="section" aria-label="Finished reviews" paddingTop="$2.5">
      <BandHeading title="Finished reviews" end={String(reviews.length)} />
      <Column render="ul">
        {reviews.map(({ id, weekOf, finishedAtEpochMs, figures, ...aims }) => (
          <Column key={id} render="li" backgroundColor="$slip" borderBottomWidth={1} borderColor="$rule">
            <Press
              onPress={() => onRead(id)}
              minHeight={62}
              paddingHorizontal="$3.5"
              paddingVertical="$2"
              gap="$2.5"
              data-row
            >
              <Column flex={1} minWidth={0}>
                <Words>
                  Week {isoWeekOf(weekOf)} · {momentWords(finishedAtEpochMs ?? 0, clock.zone(), today)}
                </Words>
                <Words size="second" tone="inkSoft">
                  {figures ? `${count(figures.done, 'action')} done, ${duration(figures.doneMinutes)}` : ''}
                  {aimsOf(aims).length > 0 ? ` · aims: ${aimsOf(aims).join(', ')}` : ''}
                </Words>
              </Column>
              <Icon name="next" tone="inkSoft" />
            </Press>
          </Column>
        ))}
      </Column>
    </Column>
  )
}
