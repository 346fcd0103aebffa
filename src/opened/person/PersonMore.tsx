// What is rarely done with a person: editing the facts, offering times, merging, removing.
import type { Person } from '@/core/record'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'
import { LeaveNamed } from '../LeaveNamed'
import { editFactsOf } from './editedFacts'

export function PersonMore({ person, onDone }: { person: Person; onDone: () => void }) {
  const document = useHeldDocument()
  const facts = useOnDemand()?.people.factsOf(document, person.id) ?? []
  const then = (act: () => void) => () => {
    onDone()
    act()
  }
  return (
    <>
      {facts.length > 0 ? (
        <Button kind="quiet" label="Edit facts" onPress={then(() => editFactsOf(person.id))} />
      ) : null}
      <Button
        kind="quiet"
        label="Times to offer"
        aria-haspopup="dialog"
        onPress={then(() => desk.getState().openSheet({ kind: 'offerTimes', personId: person.id }))}
      />
      <LeaveNamed named={person} />
    </>
  )
}
