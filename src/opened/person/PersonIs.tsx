// What somebody does, and the firm they belong to; or that they are a firm.
import { titleLimit, type Person } from '@/core/record'
import { useState } from 'react'
import type { OnDemand } from '@/state'
import { OpenedNameChooser } from '@/parts/choosers/useChooser'
import { useAct, useHeldDocument } from '@/held/zen'
import { Button, Column, Field, Row, SlideOver, Words } from '@/ui'
import { shortened } from '@/words'

export function PersonIs({
  person,
  people,
  onClose,
}: {
  person: Person
  people: OnDemand['people']
  onClose: () => void
}) {
  const act = useAct()
  const document = useHeldDocument()
  const { id, isFirm, firmId } = person
  const [role, setRole] = useState(person.role)
  const [isChoosing, setChoosing] = useState(false)
  const firm = people.firmOf(document, person)
  const set = (patch: Partial<Pick<Person, 'role' | 'isFirm' | 'firmId'>>, firmNamed?: string) =>
    act('editPerson', { id, patch, ...(firmNamed === undefined ? {} : { firmNamed }) }, { say: false })
  const save = () => {
    if (role.trim() === person.role || set({ role: role.trim() }).ok) onClose()
  }
  const others = people.firmsOf(document).filter((each) => each.id !== id)
  return (
    <SlideOver title={shortened(person.name)} onClose={onClose}>
      <Column gap="$3">
        <Field
          label={isFirm ? 'What it does' : 'What they do'}
          shown
          autoFocus
          placeholder={isFirm ? 'tiles and glazes' : 'tile maker'}
          value={role}
          maxLength={titleLimit}
          onChangeText={setRole}
          onSubmitEditing={save}
        />
        {isFirm ? null : (
          <Row gap="$2" flexWrap="wrap">
            <Words tone="inkSoft">Firm</Words>
            <Button
              label={firm ? shortened(firm.name) : 'Choose a firm'}
              aria-haspopup="dialog"
              onPress={() => setChoosing(true)}
            />
            {firmId ? <Button kind="quiet" label="No firm" onPress={() => set({ firmId: null })} /> : null}
          </Row>
        )}
        <Row justifyContent="space-between" gap="$2" flexWrap="wrap">
          <Button
            kind="quiet"
            marginLeft="$-2"
            label={isFirm ? 'This is a person' : 'This is a firm'}
            onPress={() => set(isFirm ? { isFirm: false } : { isFirm: true, firmId: null })}
          />
          <Button kind="main" label="Save" onPress={save} />
        </Row>
      </Column>
      {isChoosing ? (
        <OpenedNameChooser
          title="Firm"
          options={others.map((each) => ({ id: each.id, name: each.name }))}
          makes={[{ says: (name) => `make the firm “${name}”`, make: (name) => set({}, name) }]}
          onChoose={(chosen) => set({ firmId: chosen as Person['id'] })}
          onClose={() => setChoosing(false)}
        />
      ) : null}
    </SlideOver>
  )
}
