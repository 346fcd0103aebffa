// What is held and not on today's table: what is waited for, what is to be signed off, and what comes after another.
import { lists } from '@/state'
import { EmptyPlace } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { useOfSide } from '@/held/side'
import { useHeldDocument } from '@/held/zen'
import { NewHeld } from './NewHeld'

const bands = [
  { title: 'Waiting for', of: lists.waitingOf, quick: 'chase' },
  { title: 'Waiting for sign-off', of: lists.toSignOffOf, quick: 'chase' },
  { title: 'Blocked', of: lists.blockedOf, quick: undefined },
] as const

export function HeldLists() {
  const ofSide = useOfSide()
  const document = useHeldDocument()
  const found = bands.map((band) => ({ ...band, actions: ofSide(band.of(document)) }))
  if (found.every(({ actions }) => actions.length === 0))
    return (
      <EmptyPlace says="You are not waiting for anybody, and no action waits for another. Open an action to hand it over, or to put it after another.">
        <NewHeld as="waiting" />
      </EmptyPlace>
    )
  return (
    <>
      {found.map(({ title, actions, quick }) =>
        actions.length > 0 ? (
          <Band key={title} title={title} actions={actions} showProject tone="slate" quick={quick} />
        ) : null,
      )}
      <NewHeld as="waiting" />
    </>
  )
}
