// Who owes what: each person with all of it, a text to send them, and one act that says they were asked.
import type { Action } from '@/core/record'
import { addDays } from '@/core/time'
import { lists } from '@/state'
import { Button, Column, Row } from '@/ui'
import { useOfSide } from '@/held/side'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { Band } from '@/parts/rows/Band'
import { shortDate } from '@/words'
import { awaitedName } from '@/words/action'
import { chaseText } from '@/words/people'
import { desk } from '@/held/desk'
import { StoneHead } from './StoneHead'

function waitingHeading(waiting: number, late: number): string {
  if (waiting === 0) return 'You are not waiting for anybody'
  return late > 0 ? `${late} of ${waiting} to chase now` : `${waiting} waiting, none to chase yet`
}

export function WaitingStone() {
  const today = useToday()
  const ofSide = useOfSide()
  const document = useHeldDocument()
  const waiting = ofSide(useHeld((state) => lists.waitingOf(state.document)))
  const late = waiting.filter((action) => action.waiting?.chaseOn && action.waiting.chaseOn <= today).length
  const byName = new Map<string, Action[]>()
  for (const action of waiting) {
    const name = awaitedName(action, document)
    byName.set(name, [...(byName.get(name) ?? []), action])
  }
  return (
    <Column gap="$2">
      <StoneHead
        title={waitingHeading(waiting.length, late)}
        says={waiting.length === 0 ? undefined : 'Ask each person once for all of it.'}
      />
      {[...byName].map(([name, actions]) => (
        <Awaited key={name} name={name} actions={actions} />
      ))}
    </Column>
  )
}

function Awaited({ name, actions }: { name: string; actions: readonly Action[] }) {
  const act = useAct()
  const today = useToday()
  const again = addDays(today, 7)
  const copy = () => {
    const tell = desk.getState().tell
    void navigator.clipboard.writeText(chaseText(name, actions, today)).then(
      () => tell(`Copied: a text for ${name}. Paste it into a message.`),
      () => tell('The browser did not let it be copied. Open each one and copy it there.', { problem: true }),
    )
  }
  return (
    <Band
      title={name}
      actions={actions}
      tone="slate"
      showProject
      more={
        <Row gap="$1" flexWrap="wrap">
          <Button kind="quiet" label="Copy a text" aria-label={`Copy a text for ${name}`} onPress={copy} />
          <Button
            kind="quiet"
            label={`Asked, again ${shortDate(again, today)}`}
            aria-label={`Asked, again ${shortDate(again, today)}: ${name}`}
            onPress={() =>
              act(
                'chaseAll',
                { ids: actions.map(({ id }) => id), said: '', next: again },
                { say: `Chased, again ${shortDate(again, today)}: ${name}` },
              )
            }
          />
        </Row>
      }
    />
  )
}
