import type { Id } from '@/core/record'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'
import { nameOfRecord } from '@/words'

/** Keeps a template of what is opened, and opens that. */
export function SaveAsTemplate({
  id,
}: {
  readonly id: Id<'project'> | Id<'action'> | Id<'checklist'> | Id<'note'>
}) {
  const act = useAct()
  const document = useHeldDocument()
  const { open } = useOpened()
  return (
    <Button
      kind="quiet"
      label="Save as template"
      alignSelf="flex-start"
      onPress={() => {
        const outcome = act('saveAsTemplate', { id, called: nameOfRecord(document, id) || 'Meeting note' })
        const made = (outcome.ok ? outcome.value : []).find(
          (part) => part.kind === 'added' && part.record.id.startsWith('project:'),
        )
        if (made?.kind === 'added') open(made.record.id as Id<'project'>)
      }}
    />
  )
}
