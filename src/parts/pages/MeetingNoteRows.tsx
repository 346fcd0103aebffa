// The pages of meeting notes as rows, the latest first; and a line to begin another.
import type { Id, Note } from '@/core/record'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { NameLine } from '@/parts/text/NameLine'
import { NamedRow } from '@/parts/rows/NamedRow'
import { Column } from '@/ui'
import { count } from '@/words'
import { kindOfNote } from '@/words/pages'

export interface MeetingNoteRowsProps {
  readonly meetingNotes: readonly Note[]
  /** Who and what a meeting note begun here has a part in it. */
  readonly begun?: { readonly personIds?: Id<'person'>[]; readonly projectId?: Id<'project'> }
}

export function MeetingNoteRows({ meetingNotes, begun = {} }: MeetingNoteRowsProps) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const later = useOnDemand()
  const { open } = useOpened()
  return (
    <>
      {meetingNotes.length > 0 ? (
        <Column render="ul" aria-label="Meeting notes">
          {meetingNotes.map((page) => {
            const left = later?.notes.linesToDo(document, page).length ?? 0
            const who = kindOfNote(document, page.id, today).replace(/^meeting note, /, '')
            return (
              <NamedRow
                key={page.id}
                name={page.title}
                kind="meeting note"
                below={[who, left > 0 ? count(left, 'open line') : ''].filter(Boolean).join(' · ')}
                onOpen={() => open(page.id)}
              />
            )
          })}
        </Column>
      ) : null}
      <NameLine
        label="New meeting note"
        onMake={(title) => {
          const made = act('addMeetingNote', { title, ...begun }, { say: false })
          const part = made.ok ? made.value[0] : undefined
          if (part?.kind === 'added') open(part.record.id as Note['id'])
          return made.ok
        }}
      />
    </>
  )
}
