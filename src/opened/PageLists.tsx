// What is written down beside the shelves: checklists, meeting notes, and every check-box line that is still open.
import { useState } from 'react'
import type { NoteOwnerId } from '@/core/record'
import type { OnDemand } from '@/state'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument, useToday } from '@/held/zen'
import { ChecklistRows } from '@/parts/checklists/ChecklistRows'
import { useLines } from '@/parts/note/useLines'
import { MeetingNoteRows } from '@/parts/pages/MeetingNoteRows'
import { BandHeading, Button, Column, EmptyPlace, Press, Row, SquareButton, Tick, Words } from '@/ui'
import { count, shortened } from '@/words'
import { kindOfNote, nameOfNote } from '@/words/pages'

export function PageLists({ which }: { which: 'checklists' | 'meetingNotes' | 'lines' }) {
  const later = useOnDemand()
  if (!later) return null
  if (which === 'checklists') return <AllChecklists later={later} />
  return which === 'meetingNotes' ? <AllMeetingNotes later={later} /> : <AllLines notes={later.notes} />
}

function AllChecklists({ later }: { later: OnDemand }) {
  const checklists = later.checklists.allChecklists(useHeldDocument())
  return (
    <Column gap="$2.5" paddingTop="$2">
      {checklists.length === 0 ? (
        <EmptyPlace says="Lists you use again and again: what to take on a visit, what to buy. Tick them off, then start over." />
      ) : null}
      <ChecklistRows checklists={checklists} ownerId={null} />
    </Column>
  )
}

function AllMeetingNotes({ later }: { later: OnDemand }) {
  const meetingNotes = later.notes.meetingNotesOf(useHeldDocument())
  return (
    <Column gap="$2.5" paddingTop="$2">
      {meetingNotes.length === 0 ? (
        <EmptyPlace says="What was said in a call or a meeting, with the day, the people and the project it belongs to." />
      ) : null}
      <MeetingNoteRows meetingNotes={meetingNotes} />
    </Column>
  )
}

/** Notes shown at once: more are a touch away. */
const portion = 40

function AllLines({ notes }: { notes: OnDemand['notes'] }) {
  const document = useHeldDocument()
  const [shown, setShown] = useState(portion)
  const all = notes.notesWithLines(document)
  if (all.length === 0)
    return (
      <EmptyPlace says="Check boxes you write in any note show up here until you tick them or make them actions." />
    )
  return (
    <Column gap="$4" paddingTop="$2">
      {all.slice(0, shown).map((record) => (
        <LinesOf key={record.id} of={record.id} notes={notes} note={record.note} />
      ))}
      {all.length > shown ? (
        <Button
          kind="quiet"
          label={`Show the next of ${count(all.length - shown, 'more note')}`}
          onPress={() => setShown(shown + portion)}
        />
      ) : null}
    </Column>
  )
}

function LinesOf({ of, notes, note }: { of: NoteOwnerId; notes: OnDemand['notes']; note: string }) {
  const document = useHeldDocument()
  const today = useToday()
  const { open } = useOpened()
  const lines = useLines(of, notes, notes.laidOver(note, notes.tiedTo(document)))
  if (lines.open.length === 0) return null
  const loose = lines.open.filter(({ tie }) => tie === null)
  const name = nameOfNote(document, of)
  return (
    <Column render="section" aria-label={name}>
      <BandHeading title={name} end={String(lines.open.length)}>
        {loose.length > 1 ? (
          <Button
            kind="quiet"
            label={`Make ${count(loose.length, 'action')}`}
            aria-label={`Make ${count(loose.length, 'action')} of ${name}`}
            onPress={() => lines.make(loose)}
          />
        ) : null}
      </BandHeading>
      <Press onPress={() => open(of)} minHeight={44}>
        <Words size="second" tone="brass">
          {`Open the note (${kindOfNote(document, of, today)})`}
        </Words>
      </Press>
      <Column render="ul">
        {lines.open.map((line) => {
          const said = notes.plainOf(line.written)
          return (
            <Row
              key={line.at}
              render="li"
              gap="$1"
              borderBottomWidth={1}
              borderColor="$rule"
              backgroundColor="$slip"
            >
              <Tick name={said} checked={line.isDone} onToggle={() => lines.tick(line)} />
              <Words flex={1} minWidth={0} paddingVertical="$2.5">
                {said}
              </Words>
              {line.tie === null ? (
                <SquareButton
                  icon="enter"
                  label={`${lines.verbOf(line)}: ${shortened(said)}`}
                  onPress={() => lines.make([line])}
                />
              ) : (
                <SquareButton
                  icon="next"
                  label={`Open: ${shortened(said)}`}
                  onPress={() => {
                    const tied = line.tie === null ? undefined : notes.recordTied(document, line.tie)
                    if (tied) open(tied.id)
                  }}
                />
              )}
            </Row>
          )
        })}
      </Column>
    </Column>
  )
}
