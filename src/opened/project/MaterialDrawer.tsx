// What there is to work with in a project: its note, files, links to keep and to read, meeting notes, checklists and
// steps.
import type { Document } from '@/core/journal'
import type { Id, Project, Reading, Reference } from '@/core/record'
import { owned, select, type OnDemand } from '@/state'
import { NoteBand } from '@/parts/note/NoteBand'
import { NamedRow } from '@/parts/rows/NamedRow'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument } from '@/held/zen'
import { Column } from '@/ui'
import { count } from '@/words'
import { Checklists } from '../Checklists'
import { OpenedParts } from '../OpenedParts'
import { MeetingNotes } from '../MeetingNotes'
import { Drawer } from './Drawer'

const linksOf = (document: Document, id: Id<'project'>): (Reference | Reading)[] =>
  [...select.referencesOf(document), ...select.readingsOf(document)].filter(
    ({ projectId }) => projectId === id,
  )

/** What there is of it, in words: "a note", "4 files". */
export function materialIn(document: Document, { id, note }: Project, later: OnDemand): string[] {
  const counted = (number: number, one: string) => (number > 0 ? [count(number, one)] : [])
  return [
    ...(note === '' ? [] : ['a note']),
    ...counted(owned.filesOf(document, id).length, 'file'),
    ...counted(linksOf(document, id).length, 'link'),
    ...counted(later.notes.meetingNotesWith(document, id).length, 'meeting note'),
    ...counted(later.checklists.checklistsIn(document, id).length, 'checklist'),
    ...counted(owned.stepsOf(document, id).length, 'step'),
  ]
}

export function MaterialDrawer({
  project,
  says,
  isAsked,
}: {
  readonly project: Project
  readonly says: readonly string[]
  readonly isAsked: boolean
}) {
  const document = useHeldDocument()
  const { id } = project
  return (
    <Drawer name="material" title="Material" says={says.join(' · ')} opensItself isAsked={isAsked}>
      <NoteBand of={id} />
      <OpenedParts of={id} />
      <Links links={linksOf(document, id)} />
      <Checklists of={id} />
      <MeetingNotes of={id} />
    </Drawer>
  )
}

function Links({ links }: { readonly links: readonly (Reference | Reading)[] }) {
  const { open } = useOpened()
  if (links.length === 0) return null
  return (
    <Column render="ul" aria-label="Links">
      {links.map(({ id, title, link }) => (
        <NamedRow
          key={id}
          name={title}
          kind={id.startsWith('reading:') ? 'reading' : 'reference'}
          below={link ?? ''}
          onOpen={() => open(id)}
        />
      ))}
    </Column>
  )
}
