// The Review: the weekly round and the finished ones to read, and the look back, as a strip along the top.
import { aimsOf } from '@/core/review/aimedWeek'
import { useMedia, View } from '@tamagui/core'
import { useGlobalSearchParams, useRouter } from 'expo-router'
import { lazy, Suspense, useState, type ReactNode } from 'react'
import { isoWeekOf } from '@/core/time'
import type { Id } from '@/core/record'
import { select } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, Icon, Press, Row, Words } from '@/ui'
import { DeskLayout } from '@/frame/DeskLayout'
import { StationHead } from '@/frame/StationHead'
import { Strip } from '@/frame/Strip'
import { count, duration, momentWords, stoneWords } from '@/words'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'
import { ReviewRecord } from './ReviewRecord'
import { ReviewRound } from './ReviewRound'

const LookBack = lazy(() => import('./lookBack/LookBack').then((module) => ({ default: module.LookBack })))

const views = [
  { key: 'weekly', label: 'Weekly review' },
  { key: 'back', label: 'Look back' },
] as const
type ViewKey = (typeof views)[number]['key']

/** Which view the address names; the weekly review where it names none. */
function useViewInAddress(): readonly [ViewKey, (view: ViewKey) => void] {
  const params = useGlobalSearchParams<{ view?: string | string[] }>()
  const router = useRouter()
  const named = Array.isArray(params.view) ? params.view[0] : params.view
  const chosen = views.find(({ key }) => key === named)?.key ?? 'weekly'
  return [chosen, (view) => router.setParams({ view: view === 'weekly' ? undefined : view })]
}

export function ReviewStation() {
  const ready = useHeld((state) => state.phase === 'ready')
  const [view, setView] = useViewInAddress()
  if (!ready) return null
  const strip = (children: ReactNode) => (
    <Strip label="Review" tabs={views} chosen={view} onChoose={setView}>
      {children}
    </Strip>
  )
  return view === 'back' ? (
    strip(
      <Suspense fallback={<View height={240} />}>
        <LookBack />
      </Suspense>,
    )
  ) : (
    <WeeklyReview strip={strip} />
  )
}

/** Within the round, and while one is read, nothing else is on the page. */
function WeeklyReview({ strip }: { strip: (children: ReactNode) => ReactNode }) {
  const { wide } = useMedia()
  const reviews = useHeld((state) => select.reviewsOf(state.document))
  const [inRound, setInRound] = useState(false)
  const [readingId, setReadingId] = useState<Id<'review'> | null>(null)
  const open = reviews.find(({ finishedAtEpochMs }) => finishedAtEpochMs === null)
  const reading = reviews.find(({ id }) => id === readingId)
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
  return strip(
    <DeskLayout narrow>
      <StationHead label={wide ? undefined : 'Review'} title="Weekly review" />
      <Begin onBegin={() => setInRound(true)} open={open} />
      <Past
        reviews={reviews.filter(({ finishedAtEpochMs }) => finishedAtEpochMs !== null)}
        onRead={setReadingId}
      />
    </DeskLayout>,
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
