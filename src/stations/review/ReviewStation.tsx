// The Review: reviews to go through and those that were finished, and the look back, as a strip along the top.
import { useMedia } from '@tamagui/core'
import { useGlobalSearchParams, useRouter } from 'expo-router'
import { useState, type ReactNode } from 'react'
import type { Id } from '@/core/record'
import { select } from '@/state'
import { Column } from '@/ui'
import { DeskLayout } from '@/frame/DeskLayout'
import { StationHead } from '@/frame/StationHead'
import { Strip } from '@/frame/Strip'
import { useOnDemand } from '@/held/reader'
import { useHeld } from '@/held/zen'
import { Begin } from './Begin'
import { LongerReviews } from './LongerReviews'
import { LookBack } from './lookBack/LookBack'
import { Past } from './Past'
import { ReviewReads } from './reads'
import { ReviewRecord } from './ReviewRecord'
import { ReviewRound } from './ReviewRound'

const views = [
  { key: 'weekly', label: 'Reviews' },
  { key: 'back', label: 'Look back' },
] as const
type ViewKey = (typeof views)[number]['key']

const one = (value: string | string[] | undefined) => (Array.isArray(value) ? value[0] : value)

/** Which view the address names, and which round one is in. */
function useAddress() {
  const params = useGlobalSearchParams<{ view?: string | string[]; round?: string | string[] }>()
  const router = useRouter()
  const view: ViewKey = views.find(({ key }) => key === one(params.view))?.key ?? 'weekly'
  return {
    view,
    round: one(params.round),
    show: (next: ViewKey) => router.setParams({ view: next === 'weekly' ? undefined : next }),
    enter: (id: string | undefined) => router.setParams({ round: id }),
  }
}

export function ReviewStation() {
  const ready = useHeld((state) => state.phase === 'ready')
  const reads = useOnDemand()
  const address = useAddress()
  if (!ready) return null
  const strip = (children: ReactNode) => (
    <Strip label="Review" tabs={views} chosen={address.view} onChoose={address.show}>
      {children}
    </Strip>
  )
  if (!reads) return strip(null)
  return (
    <ReviewReads.Provider value={reads}>
      {address.view === 'back' ? (
        strip(<LookBack />)
      ) : (
        <Reviews round={address.round} onEnter={address.enter} strip={strip} />
      )}
    </ReviewReads.Provider>
  )
}

interface ReviewsProps {
  readonly round: string | undefined
  readonly onEnter: (id: string | undefined) => void
  readonly strip: (children: ReactNode) => ReactNode
}

/** Within a round, and while one is read, nothing else is on the page. */
function Reviews({ round, onEnter, strip }: ReviewsProps) {
  const { wide } = useMedia()
  const reviews = useHeld((state) => select.reviewsOf(state.document))
  const [readingId, setReadingId] = useState<Id<'review'> | null>(null)
  const entered = reviews.find(({ id, finishedAtEpochMs }) => id === round && finishedAtEpochMs === null)
  const reading = reviews.find(({ id }) => id === readingId)
  if (entered)
    return (
      <DeskLayout narrow>
        <ReviewRound
          key={entered.id}
          review={entered}
          onLeave={() => onEnter(undefined)}
          onFinished={(id) => {
            onEnter(undefined)
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
      <Column gap="$4">
        <Begin onEnter={onEnter} />
        <LongerReviews onEnter={onEnter} />
        <Past onRead={setReadingId} />
      </Column>
    </DeskLayout>,
  )
}
