import { useOfSide } from '@/held/side'
import { lists } from '@/state'
import { Column, Words } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { useHeld, useToday } from '@/held/zen'

function waitingHeading(waiting: number, late: number): string {
  if (waiting === 0) return 'You are not waiting for anybody'
  return late > 0 ? `${late} of ${waiting} to chase now` : `${waiting} waiting, none to chase yet`
}

/** Third stone: who owes what, and what rests for someday. */
export function WaitingStone() {
  const today = useToday()
  const ofSide = useOfSide()
  const waiting = ofSide(useHeld((state) => lists.waitingOf(state.document)))
  const someday = ofSide(useHeld((state) => lists.somedayOf(state.document)))
  const late = waiting.filter((action) => action.waiting?.chaseOn && action.waiting.chaseOn <= today).length
  return (
    <Column>
      <Words render="h2" size="title">
        {waitingHeading(waiting.length, late)}
      </Words>
      <Words tone="inkSoft">Chase, tick or let go. Open one to change it.</Words>
      {waiting.length > 0 ? <Band title="Waiting for" actions={waiting} tone="slate" showProject /> : null}
      {someday.length > 0 ? <Band title="Someday" actions={someday} tone="plum" /> : null}
    </Column>
  )
}
