// Something to raise with somebody, made of what is opened: the person is chosen by name, or made.
import { useState } from 'react'
import { isIdOf, type Id, type Topic } from '@/core/record'
import { select } from '@/state'
import { useAct, useHeld } from '@/held/zen'
import { OpenedNameChooser } from '@/parts/choosers/useChooser'
import { Button } from '@/ui'
import { shortened } from '@/words'

export interface RaiseWithProps {
  readonly of: NonNullable<Topic['aboutId']>
  readonly text: string
  /** Those it is about come first. */
  readonly personIds: readonly Id<'person'>[]
  readonly onDone?: () => void
}

export function RaiseWith({ of, text, personIds, onDone }: RaiseWithProps) {
  const act = useAct()
  const people = useHeld((state) => select.peopleOf(state.document))
  const [isAsked, setAsked] = useState(false)
  const keep = (id: Id<'person'> | null, name: string) => {
    const topic = { whom: [{ id, name }], text }
    const say = `To raise with ${name}: ${shortened(text)}`
    const kept = isIdOf('slip', of)
      ? act('raiseSlip', { ...topic, slipId: of }, { say })
      : act('addTopic', { ...topic, aboutId: of }, { say })
    if (kept.ok) onDone?.()
  }
  const near = people.filter(({ id }) => personIds.includes(id))
  const options = [...near, ...people.filter((person) => !near.includes(person))]
  return (
    <>
      <Button
        kind="quiet"
        alignSelf="flex-start"
        label="Raise with somebody"
        aria-haspopup="dialog"
        onPress={() => setAsked(true)}
      />
      {isAsked ? (
        <OpenedNameChooser
          title="Raise it with"
          options={options.map(({ id, name }) => ({ id, name }))}
          makes={[{ says: (name) => `make “${name}” a person`, make: (name) => keep(null, name) }]}
          onChoose={(id) => keep(id as Id<'person'>, people.find((person) => person.id === id)?.name ?? '')}
          onClose={() => setAsked(false)}
        />
      ) : null}
    </>
  )
}
