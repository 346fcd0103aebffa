// A button that chooses somebody by name.
import { useState } from 'react'
import type { Id, Person } from '@/core/record'
import { OpenedNameChooser } from '@/parts/choosers/useChooser'
import { Button } from '@/ui'

export interface ChoosePersonProps {
  readonly label: string
  readonly title: string
  readonly among: readonly Person[]
  readonly onChoose: (id: Id<'person'>, name: string) => void
  /** Where a name that is not there can be made; left out where it cannot. */
  readonly onMake?: (name: string) => void
}

export function ChoosePerson({ label, title, among, onChoose, onMake }: ChoosePersonProps) {
  const [isAsked, setAsked] = useState(false)
  const makes = onMake ? [{ says: (name: string) => `make “${name}” a person`, make: onMake }] : []
  return (
    <>
      <Button
        kind="quiet"
        alignSelf="flex-start"
        label={label}
        aria-haspopup="dialog"
        onPress={() => setAsked(true)}
      />
      {isAsked ? (
        <OpenedNameChooser
          title={title}
          options={among.map(({ id, name }) => ({ id, name }))}
          makes={makes}
          onChoose={(id) =>
            onChoose(id as Id<'person'>, among.find((person) => person.id === id)?.name ?? '')
          }
          onClose={() => setAsked(false)}
        />
      ) : null}
    </>
  )
}
