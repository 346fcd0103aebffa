// Names that a lens asks for: the chosen first, then what is typed or, without it, the first of all.
import { useState } from 'react'
import type { NamedField } from '@/core/lens'
import { select, type OnDemand } from '@/state'
import { Choice, Column, Field } from '@/ui'
import { useHeldDocument } from '@/held/zen'

const fewest = 14

/** Every name of a kind that is not over, in its order. */
function useNames(field: NamedField): readonly { readonly id: string; readonly name: string }[] {
  const document = useHeldDocument()
  switch (field) {
    case 'context':
      return select.contextsOf(document)
    case 'person':
      return select.peopleOf(document)
    case 'project':
      return select
        .projectsOf(document)
        .filter(({ state }) => select.isHeld(state))
        .map(({ id, title }) => ({ id, name: title }))
    case 'area':
      return select.areasOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
    case 'group':
      return select.groupsOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
  }
}

export function NamesEditor({
  field,
  values,
  lenses,
  onToggle,
}: {
  readonly field: NamedField
  readonly values: readonly string[]
  readonly lenses: OnDemand['lenses']
  readonly onToggle: (value: string) => void
}) {
  const document = useHeldDocument()
  const names = useNames(field)
  const [typed, setTyped] = useState('')
  const [first] = useState(values)
  const said = typed.trim().toLowerCase()
  const isSaid = (name: string) => said === '' || name.toLowerCase().includes(said)
  // What was chosen when it was opened keeps its place in front.
  const ahead = first.filter((id) => id !== '')
  const found = names.filter(({ id, name }) => !ahead.includes(id) && isSaid(name)).slice(0, fewest)
  const nameOf = (id: string) => lenses.lensNamesOf(document).nameOf(id) ?? `a ${field} that is gone`
  const options = [
    ...ahead.map((id) => ({ value: id, label: nameOf(id) })),
    ...found.map(({ id, name }) => ({ value: id as string, label: name })),
    { value: '', label: lenses.namedWords[field].none },
  ]
  return (
    <Column gap="$3">
      {names.length > fewest ? (
        <Field
          label="Find a name"
          placeholder="Type a name"
          value={typed}
          maxLength={200}
          onChangeText={setTyped}
          dataSet={{ firstFocus: '' }}
        />
      ) : null}
      <Choice many shown={false} label="Names" options={options} chosen={values} onToggle={onToggle} />
    </Column>
  )
}
