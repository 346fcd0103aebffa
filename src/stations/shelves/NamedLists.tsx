// Contexts and people: who and what actions stand with, and how many.
import { useMemo } from 'react'
import { select } from '@/state'
import { Column, EmptyPlace, Icon, Press, Words } from '@/ui'
import { NameLine } from '@/parts/text/NameLine'
import { useOpened } from '@/held/useOpened'
import { count } from '@/words'
import { useAct, useHeld } from '@/held/zen'

const texts = {
  context: {
    empty:
      'A context is what must be at hand: a place, a tool, a site, a mood. Name one, and sentences that end with it are understood.',
    make: 'New context',
  },
  person: {
    empty:
      'People you wait for, hand things to or talk with. Name one, and sentences that mention them are understood.',
    make: 'New person',
  },
} as const

export function NamedLists({ kind }: { kind: 'context' | 'person' }) {
  const act = useAct()
  const { open } = useOpened()
  const named = useHeld((state) =>
    kind === 'context' ? select.contextsOf(state.document) : select.peopleOf(state.document),
  )
  const actions = useHeld((state) => select.openActionsOf(state.document))
  const counts = useMemo(() => {
    const found = new Map<string, number>()
    for (const action of actions) {
      const ids =
        kind === 'context'
          ? action.contextIds
          : [
              ...new Set([
                ...action.personIds,
                ...(action.waiting?.personId ? [action.waiting.personId] : []),
              ]),
            ]
      for (const id of ids) found.set(id, (found.get(id) ?? 0) + 1)
    }
    return found
  }, [actions, kind])
  const make = (name: string) => act(kind === 'context' ? 'addContext' : 'addPerson', { name }).ok
  if (named.length === 0)
    return (
      <EmptyPlace says={texts[kind].empty}>
        <NameLine label={texts[kind].make} onMake={make} />
      </EmptyPlace>
    )
  return (
    <Column gap={10} paddingTop={8}>
      <Column render="ul">
        {named.map(({ id, name }) => (
          <Column key={id} render="li" backgroundColor="$slip" borderBottomWidth={1} borderColor="$rule">
            <Press
              onPress={() => open(id)}
              minHeight={56}
              paddingHorizontal={14}
              gap={10}
              {...{ type: 'button', 'data-row': true }}
            >
              <Words flex={1}>{name}</Words>
              <Words size="second" tone="inkSoft">
                {count(counts.get(id) ?? 0, 'open action')}
              </Words>
              <Icon name="next" tone="inkSoft" />
            </Press>
          </Column>
        ))}
      </Column>
      <NameLine label={texts[kind].make} onMake={make} />
    </Column>
  )
}
