// Choosing contexts, people, and whom something waits for: by name, made where they are not there.
import type { Id } from '@/core/record'
import { select } from '@/state'
import { Button } from '@/ui'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { contextWords } from '@/words/contexts'
import type { FacetChooserProps } from '../facets/facetChooser'
import { madeIn, toggled } from './chooserProps'
import { NameChooser } from './NameChooser'

export function ContextChooser({ title, of, anchor, onSet, onClose }: FacetChooserProps) {
  const act = useAct()
  const contexts = useHeld((state) => select.contextsOf(state.document))
  const document = useHeldDocument()
  const set = (id: Id<'context'>) => onSet({ contextIds: toggled(of.contextIds, id) })
  return (
    <NameChooser
      title={title}
      anchor={anchor}
      onClose={onClose}
      options={contexts.map(({ id }) => ({
        id,
        name: contextWords(document, id),
        isChosen: of.contextIds.includes(id),
      }))}
      makes={[
        {
          says: (name) => `make “${name}” a context`,
          make: (name) => {
            const made = madeIn<'context'>(act('addContext', { name }, { say: false }))
            if (made) set(made)
          },
        },
      ]}
      onChoose={(id) => set(id as Id<'context'>)}
    />
  )
}

interface PeopleChooserProps extends Pick<FacetChooserProps, 'title' | 'anchor' | 'onClose'> {
  readonly of: Pick<FacetChooserProps['of'], 'personIds'>
  readonly onSet: (patch: { readonly personIds: Id<'person'>[] }) => void
}

export function PeopleChooser({ title, of, anchor, onSet, onClose }: PeopleChooserProps) {
  const act = useAct()
  const people = useHeld((state) => select.peopleOf(state.document))
  const set = (id: Id<'person'>) => onSet({ personIds: toggled(of.personIds, id) })
  return (
    <NameChooser
      title={title}
      anchor={anchor}
      onClose={onClose}
      options={people.map(({ id, name }) => ({ id, name, isChosen: of.personIds.includes(id) }))}
      makes={[
        {
          says: (name) => `make “${name}” a person`,
          make: (name) => {
            const made = madeIn<'person'>(act('addPerson', { name }, { say: false }))
            if (made) set(made)
          },
        },
      ]}
      onChoose={(id) => set(id as Id<'person'>)}
    />
  )
}

/** Whom or what it waits for: somebody known, somebody new, or whatever it is, in words; or who is to sign it off. */
export function WhomChooser({
  title,
  toSignOff,
  of,
  anchor,
  onSet,
  onClose,
}: FacetChooserProps & { readonly toSignOff: boolean }) {
  const act = useAct()
  const today = useToday()
  const people = useHeld((state) => select.peopleOf(state.document))
  const since = {
    since: of.waiting?.since ?? today,
    chaseOn: of.waiting?.chaseOn ?? null,
    how: of.waiting?.how ?? '',
    toSignOff,
  }
  const waitFor = (personId: Id<'person'>) =>
    onSet({
      waiting: { personId, whom: '', ...since },
      personIds: of.personIds.includes(personId) ? of.personIds : [...of.personIds, personId],
    })
  return (
    <NameChooser
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        of.waiting ? (
          <Button
            kind="quiet"
            label="nobody"
            onPress={() => {
              onSet({ waiting: null })
              onClose()
            }}
          />
        ) : null
      }
      options={people.map(({ id, name }) => ({ id, name, isChosen: of.waiting?.personId === id }))}
      makes={[
        {
          says: (whom) => (toSignOff ? `signed off by “${whom}”` : `wait for “${whom}”`),
          make: (whom) => onSet({ waiting: { personId: null, whom, ...since } }),
        },
        {
          says: (name) => `make “${name}” a person, ${toSignOff ? 'who signs it off' : 'and wait for them'}`,
          make: (name) => {
            const made = madeIn<'person'>(act('addPerson', { name }, { say: false }))
            if (made) waitFor(made)
          },
        },
      ]}
      onChoose={(id) => waitFor(id as Id<'person'>)}
    />
  )
}
