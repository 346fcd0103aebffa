// What is held and not on today's table: what is waited for, what is to be signed off, and what comes after another.
import { lists } from '@/state'
import { EmptyPlace } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { useOfSide } from '@/held/side'
import { useHeldDocument } from '@/held/zen'

const bands = [
  { title: 'Waiting for', of: lists.waitingOf, quick: 'chase' },
  { title: 'To sign off', of: lists.toSignOffOf, quick: 'chase' },
  { title: 'After another', of: lists.heldBackOf, quick: undefined },
] as const

export function HeldLists() {
  const ofSide = useOfSide()
  const document = useHeldDocument()
  const found = bands.map((band) => ({ ...band, actions: ofSide(band.of(document)) }))
  if (found.every(({ actions }) => actions.length === 0))
    return (
      <EmptyPlace says="Nothing is expected from anybody, and nothing waits for something else. Open an action to hand it over, or to let it come after another." />
    )
  return (
    <>
      {found.map(({ title, actions, quick }) =>
        actions.length > 0 ? (
          <Band key={title} title={title} actions={actions} showProject tone="slate" quick={quick} />
        ) : null,
      )}
    </>
  )
}
