// The talks that a person or a project has a part in: what was agreed there is found from each of them.
import { isIdOf, type Id } from '@/core/record'
import { useLater } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { TalkRows } from '@/parts/pages/TalkRows'
import { BandHeading, Column } from '@/ui'

export function Talks({ of }: { of: Id<'person'> | Id<'project'> }) {
  const later = useLater()
  const document = useHeldDocument()
  if (!later) return null
  const talks = later.notes.talksWith(document, of)
  return (
    <Column>
      {talks.length > 0 ? <BandHeading title="Meeting notes" end={String(talks.length)} /> : null}
      <TalkRows talks={talks} begun={isIdOf('person', of) ? { personIds: [of] } : { projectId: of }} />
    </Column>
  )
}
