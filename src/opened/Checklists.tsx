// The checklists of an action or a project: there when there is one, and offered among the last things.
import type { Id } from '@/core/record'
import { useOnDemand } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { ChecklistRows } from '@/parts/checklists/ChecklistRows'
import { BandHeading, Column } from '@/ui'

export function Checklists({
  of,
  begins = false,
}: {
  of: Id<'action'> | Id<'project'>
  /** The name of a new one is asked for at once. */
  begins?: boolean
}) {
  const later = useOnDemand()
  const document = useHeldDocument()
  if (!later) return null
  const checklists = later.checklists.checklistsIn(document, of)
  return (
    <Column>
      {checklists.length > 0 ? <BandHeading title="Checklists" end={String(checklists.length)} /> : null}
      <ChecklistRows checklists={checklists} ownerId={of} begins={begins} />
    </Column>
  )
}
