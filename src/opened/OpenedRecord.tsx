import { recordIn } from '@/core/journal'
import type { ReactNode } from 'react'
import { kindOf, type Action, type Id, type OpenableKind, type Project, type RecordOf } from '@/core/record'
import { useOnDemand } from '@/held/reader'
import { isTemplate } from '@/state/read/isTemplate'
import type { OpenableId } from '@/held/useOpened'
import { useHeld } from '@/held/zen'
import { OpenedAction } from './OpenedAction'
import { OpenedCalendar } from './OpenedCalendar'
import { OpenedChecklist } from './OpenedChecklist'
import { OpenedGoal } from './OpenedGoal'
import { OpenedContext } from './OpenedContext'
import { NothingThere } from './NothingThere'
import { OpenedTemplate } from './template/OpenedTemplate'
import { TemplateAction } from './template/TemplateAction'
import { OpenedPage } from './OpenedPage'
import { OpenedProject } from './project/OpenedProject'
import { OpenedPerson } from './person/OpenedPerson'
import { OpenedReading } from './OpenedReading'
import { OpenedReference } from './OpenedReference'
import { OpenedShelf } from './OpenedShelf'
import { OpenedSlip } from './OpenedSlip'

/** An action, or one that a template holds. */
function ActionOrTemplate({ action }: { action: Action }) {
  const read = useOnDemand()?.templates
  const project = useHeld(({ document }) =>
    action.projectId ? recordIn(document, action.projectId) : undefined,
  )
  if (!isTemplate(project)) return <OpenedAction action={action} />
  return read ? <TemplateAction action={action} template={project} read={read} /> : null
}

/** A project, or a template that is kept as one. */
const ProjectOrTemplate = ({ project }: { project: Project }) =>
  isTemplate(project) ? <OpenedTemplate project={project} /> : <OpenedProject project={project} />

/** How a record of each kind is opened; a day has its page before it has a note. */
const screens: { readonly [K in OpenableKind]: (id: Id<K>, record: RecordOf[K] | undefined) => ReactNode } = {
  note: (id, page) => <OpenedPage id={id} page={page ?? null} />,
  action: (_, action) => action && <ActionOrTemplate action={action} />,
  project: (_, project) => project && <ProjectOrTemplate project={project} />,
  slip: (_, slip) => slip && <OpenedSlip slip={slip} />,
  reference: (_, reference) => reference && <OpenedReference reference={reference} />,
  reading: (_, reading) => reading && <OpenedReading reading={reading} />,
  area: (_, area) => area && <OpenedShelf shelf={area} />,
  group: (_, group) => group && <OpenedShelf shelf={group} />,
  context: (_, context) => context && <OpenedContext context={context} />,
  person: (_, person) => person && <OpenedPerson key={person.id} person={person} />,
  checklist: (_, checklist) => checklist && <OpenedChecklist checklist={checklist} />,
  goal: (_, goal) => goal && <OpenedGoal goal={goal} />,
  calendar: (_, calendar) => calendar && <OpenedCalendar calendar={calendar} />,
}

type Screen = (id: OpenableId, record: RecordOf[OpenableKind] | undefined) => ReactNode

/** Whatever is opened, in the form that fits its kind. An address typed by hand may name anything. */
export function OpenedRecord({ id }: { id: OpenableId }) {
  const record = useHeld((state) => recordIn(state.document, id))
  const ready = useHeld((state) => state.phase === 'ready')
  // While actions are still being read, what is opened would not know all that stands with it.
  if (!ready) return null
  const kind = kindOf(id) as OpenableKind
  const screen = Object.hasOwn(screens, kind) ? (screens[kind] as Screen) : null
  return screen?.(id, record) ?? <NothingThere />
}
