// Taking a context or a person away: what stands with it is said before, and that it can be joined with another
// instead.
import { useState } from 'react'
import { isIdOf, type Context, type Person } from '@/core/record'
import { lists, select } from '@/state'
import { OpenedNameChooser } from '@/parts/choosers/useChooser'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { Button, Column, Row, SlideOver, Words } from '@/ui'
import { count, shortened } from '@/words'

export function LeaveNamed({ named }: { named: Context | Person }) {
  const [asking, setAsking] = useState<'remove' | 'join' | null>(null)
  const act = useAct()
  const document = useHeldDocument()
  const { open, close } = useOpened()
  const { id } = named
  const isContext = isIdOf('context', id)
  const name = shortened(named.name)
  const others = (isContext ? select.contextsOf(document) : select.peopleOf(document)).filter(
    (other) => other.id !== id,
  )
  return (
    <Row flexWrap="wrap" marginLeft={isContext ? '$-2' : undefined}>
      {others.length > 0 ? (
        <Button
          kind="quiet"
          label="Merge with another"
          aria-haspopup="dialog"
          onPress={() => setAsking('join')}
        />
      ) : null}
      <Button kind="quiet" label="Remove" aria-haspopup="dialog" onPress={() => setAsking('remove')} />
      {asking === 'join' ? (
        <OpenedNameChooser
          title={`Merge “${name}” with`}
          options={others.map((other) => ({ id: other.id, name: other.name }))}
          makes={[]}
          onChoose={(intoId) => {
            const into = others.find((other) => other.id === intoId)
            if (!into) return
            if (
              act(
                'joinNamed',
                { id, intoId: into.id },
                { say: `Merged with ${shortened(into.name)}: ${name}` },
              ).ok
            )
              open(into.id)
          }}
          onClose={() => setAsking(null)}
        />
      ) : null}
      {asking === 'remove' ? (
        <SlideOver title={`Remove “${name}”?`} onClose={() => setAsking(null)}>
          <Words>{insideWords(named, document)}</Words>
          <Column gap="$2" alignItems="flex-start">
            <Button
              kind="main"
              autoFocus
              label="Remove it"
              onPress={() => {
                close()
                act('removeNamed', { id })
              }}
            />
            <Button kind="quiet" label="Cancel" marginLeft="$-2" onPress={() => setAsking(null)} />
          </Column>
        </SlideOver>
      ) : null}
    </Row>
  )
}

/** "3 open actions and 12 done use it: they stay, without it." */
function insideWords({ id }: Context | Person, document: ReturnType<typeof useHeldDocument>): string {
  const isContext = isIdOf('context', id)
  const open = isContext ? lists.actionsOfContext(document, id) : lists.actionsOfPerson(document, id as never)
  const done = lists.doneWith(document, id).length
  const waiting = open.filter((action) => action.waiting?.personId === id).length
  const told = [
    open.length > 0 ? count(open.length, 'open action') : null,
    done > 0 ? `${done.toLocaleString('en-GB')} done` : null,
  ].filter(Boolean)
  if (told.length === 0) return 'No action uses it.'
  const stay = `${told.join(' and ')} ${open.length + done === 1 ? 'uses it: it stays' : 'use it: they stay'}, without it.`
  const whom =
    waiting > 0
      ? ` ${waiting} ${waiting === 1 ? 'waits' : 'wait'} for it, and ${waiting === 1 ? 'keeps' : 'keep'} waiting, by name.`
      : ''
  return `${stay}${whom}${isContext ? '' : ' Its note, facts, remarks and what to raise go with it.'}`
}
