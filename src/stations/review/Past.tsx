// The finished reviews, latest first.
import { useState } from 'react'
import type { Id } from '@/core/record'
import { aimsOf } from '@/core/review/aimedWeek'
import { select } from '@/state'
import { BandHeading, Button, Column, Icon, Press, Words } from '@/ui'
import { useHeld, useToday, useZen } from '@/held/zen'
import { count, duration, momentWords } from '@/words'
import { periodWords } from '@/words/reviews'

const few = 12

export function Past({ onRead }: { onRead: (id: Id<'review'>) => void }) {
  const { clock } = useZen()
  const today = useToday()
  const [isWhole, setWhole] = useState(false)
  const reviews = useHeld((state) => select.reviewsOf(state.document)).filter(
    ({ finishedAtEpochMs }) => finishedAtEpochMs !== null,
  )
  if (reviews.length === 0) return null
  const shown = isWhole ? reviews : reviews.slice(0, few)
  return (
    <Column render="section" aria-label="Finished reviews" paddingTop="$2.5">
      <BandHeading title="Finished reviews" end={String(reviews.length)} />
      <Column render="ul">
        {shown.map(({ id, finishedAtEpochMs, figures, ...review }) => (
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
                  {periodWords(review)} · {momentWords(finishedAtEpochMs ?? 0, clock.zone(), today)}
                </Words>
                <Words size="second" tone="inkSoft">
                  {figures ? `${count(figures.done, 'action')} done, ${duration(figures.doneMinutes)}` : ''}
                  {aimsOf(review).length > 0 ? ` · aims: ${aimsOf(review).join(', ')}` : ''}
                </Words>
              </Column>
              <Icon name="next" tone="inkSoft" />
            </Press>
          </Column>
        ))}
      </Column>
      {shown.length < reviews.length ? (
        <Button kind="quiet" label={`See all ${reviews.length}`} onPress={() => setWhole(true)} />
      ) : null}
    </Column>
  )
}
