import type { Review } from '@/core/record'
import { Column, Words } from '@/ui'
import { EditText } from '../shared/EditText'
import { useAct } from '../shared/zen'

/** Last stone: one or two aims for the week to come. */
export function AimsStone({ review }: { review: Review }) {
  const act = useAct()
  const [first = '', second = ''] = review.aims
  const set = (aims: readonly string[]) => act('setAims', { id: review.id, aims }, { say: false })
  return (
    <Column gap={12}>
      <Words render="h2" size="title">What are next week’s one or two aims?</Words>
      <Words tone="inkSoft">They stand at the head of the Week sheet.</Words>
      <EditText name={`${review.id} aim 1`} label="First aim" shown value={first} onKeep={(text) => set([text, second])} />
      <EditText name={`${review.id} aim 2`} label="Second aim, if there is one" shown value={second} onKeep={(text) => set([first, text])} />
    </Column>
  )
}
