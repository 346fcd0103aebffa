// The meeting notes that a project has a part in: what was agreed there is found from it.
import type { Id } from '@/core/record'
import { useOnDemand } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { MeetingNoteRows } from '@/parts/pages/MeetingNoteRows'
import { BandHeading, Column } from '@/ui'

export function MeetingNotes({ of }: { of: Id<'project'> }) {
  const later = useOnDemand()
  const document = useHeldDocument()
  if (!later) return null
  const meetingNotes = later.notes.meetingNotesWith(document, of)
  return (
    <Column>
      {meetingNotes.length > 0 ? (
        <BandHeading title="Meeting notes" end={String(meetingNotes.length)} />
      ) : null}
      <MeetingNoteRows meetingNotes={meetingNotes} begun={{ projectId: of }} />
    </Column>
  )
}
