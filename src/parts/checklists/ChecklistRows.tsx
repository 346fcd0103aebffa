// Checklists as rows, each with how far it has come; and a line to begin another.
import type { Checklist } from '@/core/record'
import { owned } from '@/state'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { NameLine } from '@/parts/text/NameLine'
import { NamedRow } from '@/parts/rows/NamedRow'
import { Column } from '@/ui'

export function ChecklistRows({
  checklists,
  ownerId,
  begins = false,
}: {
  checklists: readonly Checklist[]
  ownerId: Checklist['ownerId']
  begins?: boolean
}) {
  const act = useAct()
  const document = useHeldDocument()
  const { open } = useOpened()
  return (
    <>
      {checklists.length > 0 ? (
        <Column render="ul" aria-label="Checklists">
          {checklists.map(({ id, name }) => {
            const steps = owned.stepCountOf(document, id)
            return (
              <NamedRow
                key={id}
                name={name}
                kind="checklist"
                end={steps ? `${steps.done} of ${steps.of}` : 'empty'}
                onOpen={() => open(id)}
              />
            )
          })}
        </Column>
      ) : null}
      <NameLine
        label="New checklist"
        begins={begins}
        onMake={(name) => {
          const made = act('addChecklist', { name, ownerId }, { say: false })
          const part = made.ok ? made.value[0] : undefined
          if (part?.kind === 'added') open(part.record.id as Checklist['id'])
          return made.ok
        }}
      />
    </>
  )
}
