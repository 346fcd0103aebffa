// Contexts and people: who and what actions stand with, and how many.
import { nestedOrder } from '@/core/context'
import type { Id } from '@/core/record'
import { lists, select } from '@/state'
import { Column, EmptyPlace, Icon, Press, Words } from '@/ui'
import { NameLine } from '@/parts/text/NameLine'
import { useOpened } from '@/held/useOpened'
import { RowList } from '@/parts/rows/RowList'
import { count } from '@/words'
import { roleWords } from '@/words/people'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'

const texts = {
  context: {
    empty:
      'A context is what must be at hand: a place, a tool, a site, a mood. Name one here, then say it in a sentence.',
    make: 'New context',
  },
  person: {
    empty:
      'People you wait for, hand things to or talk with. Name one here, then say the name in a sentence.',
    make: 'New person',
  },
} as const

interface Named {
  readonly id: Id<'context'> | Id<'person'>
  readonly name: string
  readonly depth: number
  readonly isOver: boolean
  readonly below?: string
}

const { compare: compareNames } = new Intl.Collator('en-GB', { sensitivity: 'base', numeric: true })

export function NamedLists({ kind }: { kind: 'context' | 'person' }) {
  const act = useAct()
  const { open } = useOpened()
  const document = useHeldDocument()
  const people = useHeld((state) => select.peopleOf(state.document))
  const contexts = useHeld((state) => select.everyContextOf(state.document))
  const named =
    kind === 'context'
      ? nestedOrder(contexts).map(({ context, depth }) => ({
          id: context.id,
          name: context.name,
          depth,
          isOver: context.retiredAtEpochMs !== null,
        }))
      : [...people]
          .sort((a, b) => compareNames(a.name, b.name))
          .map(({ id, name, role, isFirm }) => ({
            id,
            name,
            depth: 0,
            isOver: false,
            below: roleWords({ role, isFirm }, null),
          }))
  const actionsOf = kind === 'context' ? lists.actionsOfContext : lists.actionsOfPerson
  const make = (name: string) => act(kind === 'context' ? 'addContext' : 'addPerson', { name }).ok
  if (named.length === 0)
    return (
      <EmptyPlace says={texts[kind].empty}>
        <NameLine label={texts[kind].make} onMake={make} />
      </EmptyPlace>
    )
  return (
    <Column gap="$2.5" paddingTop="$2">
      <RowList
        label={kind === 'context' ? 'Contexts' : 'People'}
        items={named as readonly Named[]}
        render={({ id, name, depth, isOver, below = '' }) => (
          <Column key={id} role="listitem" backgroundColor="$slip" borderBottomWidth={1} borderColor="$rule">
            <Press
              onPress={() => open(id)}
              minHeight={56}
              paddingHorizontal="$3.5"
              gap="$2.5"
              data-row
              style={depth > 0 ? { paddingLeft: 14 + Math.min(depth, 6) * 20 } : undefined}
            >
              <Column flex={1} minWidth={0}>
                <Words tone={isOver ? 'inkSoft' : 'ink'}>{name}</Words>
                {below === '' ? null : (
                  <Words size="second" tone="inkSoft" oneLine>
                    {below}
                  </Words>
                )}
              </Column>
              <Words size="second" tone="inkSoft">
                {isOver ? 'retired · ' : ''}
                {count(actionsOf(document, id as never).length, 'open action')}
              </Words>
              <Icon name="next" tone="inkSoft" />
            </Press>
          </Column>
        )}
      />
      <NameLine label={texts[kind].make} onMake={make} />
    </Column>
  )
}
