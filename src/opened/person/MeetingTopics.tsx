// What to raise with the people of a meeting, ticked while talking: what is ticked goes into the note below it.
import { byRank, type Note } from '@/core/record'
import { useOnDemand } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { BandHeading, Column } from '@/ui'
import { AnotherTopic, TopicRows } from './ToRaise'

export function MeetingTopics({ page }: { page: Note }) {
  const document = useHeldDocument()
  const people = useOnDemand()?.people
  const [only] = page.personIds
  if (!people || !only) return null
  const { open, raised } = people.topicsAround(document, page)
  if (open.length + raised.length === 0) return null
  return (
    <Column>
      <BandHeading
        title="To raise"
        end={raised.length > 0 ? `${raised.length} of ${open.length + raised.length}` : String(open.length)}
      />
      <TopicRows
        topics={[...open, ...raised].sort(byRank)}
        inId={page.id}
        showPerson={page.personIds.length > 1}
      />
      {page.personIds.length === 1 ? <AnotherTopic of={only} /> : null}
    </Column>
  )
}
