// What is rarely done with a person: editing the facts, offering times, merging, removing.
import type { Person } from '@/core/record'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useAct, useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'
import { LeaveNamed } from '../LeaveNamed'
import { editFactsOf } from './editedFacts'

export function PersonMore({ person, onDone }: { person: Person; onDone: () => void }) {
  const act = useAct()
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
      {person.isFirm ? null : (
        <Button
          kind="quiet"
          label={person.onBoard ? 'Take off the board' : 'Put on the board'}
          onPress={then(() =>
            act(
              'editPerson',
              { id: person.id, patch: { onBoard: !person.onBoard } },
              { say: person.onBoard ? `Off the board: ${person.name}` : `On the board: ${person.name}` },
            ),
          )}
        />
      )}
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
