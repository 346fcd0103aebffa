import { Suspense } from 'react'
import { View } from '@tamagui/core'
import { aimedWeekOf } from '@/core/review/aimedWeek'
import { select, type RunOptions } from '@/state'
import { aimsInReview } from '@/state/read/weekAims'
import { Column, Words } from '@/ui'
import { EditText } from '@/frame/onDemand'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { dayMonth } from '@/words'
import type { FaceProps } from '../ReviewRound'

/** Last stone: one or two aims for the week to come. */
export function AimsStone({ review }: Pick<FaceProps, 'review'>) {
  const act = useAct()
  const today = useToday()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const first = aimedWeekOf(today, weekStartsOn)
  const { firstAim, secondAim } = aimsInReview(useHeldDocument(), review, first)
  const set = (aims: { firstAim?: string; secondAim?: string }, typing: RunOptions) =>
    act('setAims', { id: review.id, ...aims }, { say: false, atField: true, ...typing })
  return (
    <Column gap="$3">
      <Words render="h2" size="title">
        What are the one or two aims for the week of {dayMonth(first)}?
      </Words>
      <Words tone="inkSoft">They are shown at the top of that week.</Words>
      <Suspense fallback={<View height={168} />}>
        <EditText
          name={`${review.id} aim 1`}
          label="First aim"
          shown
          value={firstAim}
          onKeep={(text, typing) => set({ firstAim: text }, typing)}
        />
        <EditText
          name={`${review.id} aim 2`}
          label="Second aim, if there is one"
          shown
          value={secondAim}
          onKeep={(text, typing) => set({ secondAim: text }, typing)}
        />
      </Suspense>
    </Column>
  )
}
