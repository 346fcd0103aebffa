import { recordIn } from '@/core/journal'
import { isIdOf, type Action } from '@/core/record'
import { useLater } from '@/held/reader'
import { isTemplate } from '@/state/isTemplate'
import type { OpenableId } from '@/held/useOpened'
import { useHeld } from '@/held/zen'
import { OpenedAction } from './OpenedAction'
import { OpenedChecklist } from './OpenedChecklist'
import { OpenedGoal } from './OpenedGoal'
import { OpenedNamed } from './OpenedNamed'
import { NothingThere } from './NothingThere'
import { OpenedTemplate } from './template/OpenedTemplate'
import { TemplateAction } from './template/TemplateAction'
import { OpenedPage } from './OpenedPage'
import { OpenedProject } from './project/OpenedProject'
import { OpenedReading } from './OpenedReading'
import { OpenedReference } from './OpenedReference'
import { OpenedShelf } from './OpenedShelf'
import { OpenedSlip } from './OpenedSlip'

/** An action, or one that a template holds. */
function ActionOrTemplate({ action }: { action: Action }) {
  const read = useLater()?.templates
  const project = useHeld(({ document }) =>
    action.projectId ? recordIn(document, action.projectId) : undefined,
  )
  if (!isTemplate(project)) return <OpenedAction action={action} />
  return read ? <TemplateAction action={action} template={project} read={read} /> : null
}

/** Whatever is opened, in the form that fits its kind. An address typed by hand may name anything. */
export function OpenedRecord({ id }: { id: OpenableId }) {
  const record = useHeld((state) => recordIn(state.document, id))
  const ready = useHeld((state) => state.phase === 'ready')
  // While actions are still being read, what is opened would not know all that stands with it.
  if (!ready) return null
  if (isIdOf('note', id)) return <OpenedPage id={id} page={(record ?? null) as never} />
  if (!record) return <NothingThere />
  if (isIdOf('action', id)) return <ActionOrTemplate action={record as never} />
  if (isIdOf('project', id) && isTemplate(record as never))
    return <OpenedTemplate project={record as never} />
  if (isIdOf('project', id)) return <OpenedProject project={record as never} />
  if (isIdOf('slip', id)) return <OpenedSlip slip={record as never} />
  if (isIdOf('reference', id)) return <OpenedReference reference={record as never} />
  if (isIdOf('reading', id)) return <OpenedReading reading={record as never} />
  if (isIdOf('area', id) || isIdOf('group', id)) return <OpenedShelf shelf={record as never} />
  if (isIdOf('context', id) || isIdOf('person', id)) return <OpenedNamed named={record as never} />
  if (isIdOf('checklist', id)) return <OpenedChecklist checklist={record as never} />
  if (isIdOf('goal', id)) return <OpenedGoal goal={record as never} />
  return <NothingThere />
}
