// The note of a day opened, with the days around it a touch away, or that of a week; or a meeting note, with who and what had a part in it.
import { roomForActs } from './roomForActs'
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import { datedNoteOf, isWrittenBack, type Id, type Note } from '@/core/record'
import { addDays, weekStartOf, type CalendarDate } from '@/core/time'
import { select, type OnDemand } from '@/state'
import { Button, Column, IconButton, Row, Words } from '@/ui'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { OpenedChooser, OpenedDayChooser, useChooser } from '@/parts/choosers/useChooser'
import { NoteBand } from '@/parts/note/NoteBand'
import { SaidLine } from '@/parts/said/SaidLine'
import { sayableOf } from '@/parts/said/sayableOf'
import { EditText } from '@/parts/text/EditText'
import { longDate, nearDate, spanWords } from '@/words'
import { weekName } from '@/words/dates'
import { beginsHint, saidOfMeetingNote } from '@/words/pages'
import { DayAsItWent } from './DayAsItWent'
import { LiftButton } from './LiftButton'
import { NothingThere } from './NothingThere'
import { SaveAsTemplate } from './SaveAsTemplate'
import { OpenedFoot } from './OpenedFoot'
import { OpenedFiles } from './OpenedFiles'
import { ShelfHead } from './ShelfHead'
import { MeetingTopics } from './person/MeetingTopics'

export function OpenedPage({ id, page }: { id: Id<'note'>; page: Note | null }) {
  const later = useOnDemand()
  if (!later) return null
  const dated = datedNoteOf(id)
  if (dated?.of === 'day') return <DayNote key={id} id={id} date={dated.date} notes={later.notes} />
  if (dated) return <WeekNote key={id} id={id} thursday={dated.date} notes={later.notes} />
  if (page && isWrittenBack(id)) return <WrittenBack page={page} />
  return page ? <MeetingNotePage page={page} notes={later.notes} /> : <NothingThere />
}

function DayNote({ id, date, notes }: { id: Id<'note'>; date: CalendarDate; notes: OnDemand['notes'] }) {
  const today = useToday()
  const { open } = useOpened()
  const before = useHeld(({ document }) => notes.dayNoteBefore(document, date))
  const after = useHeld(({ document }) => notes.dayNoteAfter(document, date))
  const next = date < today && (after === null || after > today) ? today : after
  const to = (day: CalendarDate) => () => open(notes.dayNoteIdOf(day))
  const near = nearDate(date, today)
  return (
    <Column gap="$2.5" flexGrow={1}>
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        {`Day note${near === 'today' || near === 'yesterday' ? `: ${near}` : ''}`}
      </Words>
      <Row justifyContent="space-between" gap="$2">
        <Words render="h2" size="title" flexShrink={1}>
          {longDate(date)}
        </Words>
        <Row>
          <IconButton
            label={before ? `Day note of ${nearDate(before, today)}` : 'No earlier day note'}
            icon="previous"
            disabled={!before}
            onPress={before ? to(before) : undefined}
          />
          <IconButton
            label={next ? `Day note of ${nearDate(next, today)}` : 'No later day note'}
            icon="next"
            disabled={!next}
            onPress={next ? to(next) : undefined}
          />
        </Row>
      </Row>
      {date <= today ? <DayAsItWent date={date} /> : null}
      <NoteBand of={id} placeholder="Write down what comes up" />
      <BeginsWith />
      <OpenedFoot main={<LiftButton of={id} notes={notes} />}>
        {date === today ? (
          <Button kind="quiet" label="Day note of tomorrow" onPress={to(addDays(today, 1))} />
        ) : (
          <Button kind="quiet" label="Day note of today" onPress={to(today)} />
        )}
      </OpenedFoot>
    </Column>
  )
}

function WeekNote({
  id,
  thursday,
  notes,
}: {
  id: Id<'note'>
  thursday: CalendarDate
  notes: OnDemand['notes']
}) {
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const first = weekStartOf(thursday, weekStartsOn)
  return (
    <Column gap="$2.5" flexGrow={1}>
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        {`Note of ${weekName(thursday)}`}
      </Words>
      <Words render="h2" size="title">
        {spanWords(first, addDays(first, 6))}
      </Words>
      <NoteBand of={id} placeholder="Write down what this week is about" />
      <OpenedFoot main={<LiftButton of={id} notes={notes} />} />
    </Column>
  )
}

/** What every day note begins with, chosen once: headings, questions to oneself. */
function BeginsWith() {
  const [isOpen, setOpen] = useState(false)
  return (
    <Column gap="$1.5">
      <Row marginLeft="$-2">
        <Button
          kind="quiet"
          label={isOpen ? 'Close what every day note begins with' : 'What every day note begins with'}
          aria-expanded={isOpen}
          onPress={() => setOpen(!isOpen)}
        />
      </Row>
      {isOpen ? <BeginsWithText /> : null}
    </Column>
  )
}

function BeginsWithText() {
  const act = useAct()
  const begins = useHeld(({ document }) => select.settingsOf(document).dayNoteBegins)
  return (
    <EditText
      name="settings day note"
      label="Every new day note begins with"
      shown
      rows={4}
      placeholder={beginsHint}
      value={begins}
      onKeep={(dayNoteBegins, typing) =>
        act('setSettings', { dayNoteBegins }, { say: false, atField: true, ...typing })
      }
    />
  )
}

/** A look back that was written up: its figures stay as they were that day. */
function WrittenBack({ page: { id, title } }: { page: Note }) {
  const act = useAct()
  const { close } = useOpened()
  return (
    <Column gap="$2.5" flexGrow={1}>
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        Look back
      </Words>
      <EditText
        name={`${id} title`}
        label="Title"
        size="title"
        value={title}
        needed="Give it a title."
        onKeep={(text, typing) =>
          act('editMeetingNote', { id, patch: { title: text } }, { say: false, atField: true, ...typing })
        }
      />
      <NoteBand of={id} placeholder="Write down how it was" />
      <OpenedFoot>
        <Button kind="quiet" label="Print" onPress={() => window.print()} />
        <Button
          kind="quiet"
          label="Remove"
          onPress={() => {
            if (act('removeMeetingNote', { id }, { say: `Removed: ${title}` }).ok) close()
          }}
        />
      </OpenedFoot>
    </Column>
  )
}

function MeetingNotePage({ page, notes }: { page: Note; notes: OnDemand['notes'] }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const chooser = useChooser()
  const { close } = useOpened()
  const [isDating, setDating] = useState(false)
  const { id, projectId } = page
  const edit = (patch: Parameters<typeof act<'editMeetingNote'>>[1]['patch'], options: object = {}) =>
    act('editMeetingNote', { id, patch }, { say: false, atField: true, ...options })
  const area = select.areaOf(document, page)
  const project = projectId ? recordIn(document, projectId) : undefined
  return (
    <Column gap="$2.5" flexGrow={1}>
      <ShelfHead
        seal={area}
        says={project?.title ?? area?.name ?? 'no project or area'}
        onChoose={() => chooser.choose('shelf')}
      />
      <EditText
        name={`${id} title`}
        label="Title"
        size="title"
        value={page.title}
        needed="Give it a title, such as “Call with Oda”."
        onKeep={(title, typing) => edit({ title }, typing)}
      />
      <SaidLine
        chips={saidOfMeetingNote(page, document, today)}
        offers={page.personIds.length > 0 ? [] : ['personIds']}
        outright={['personIds']}
        onChoose={(field) => (field === 'day' ? setDating(true) : chooser.choose(field))}
      />
      <MeetingTopics page={page} />
      <NoteBand of={id} title="Meeting note" placeholder="Write down what was said" />
      <OpenedFiles of={id} />
      <SaveAsTemplate id={id} />
      <OpenedFoot main={<LiftButton of={id} notes={notes} />}>
        <Button
          kind="quiet"
          label="Remove"
          onPress={() => {
            close()
            act('removeMeetingNote', { id })
          }}
        />
      </OpenedFoot>
      <OpenedChooser
        chooser={chooser}
        of={sayableOf(
          { title: page.title, personIds: page.personIds, projectId, areaId: page.areaId },
          today,
        )}
        onSet={({ personIds, projectId: project, areaId }) =>
          edit({
            ...(personIds ? { personIds } : {}),
            ...(project !== undefined ? { projectId: project } : {}),
            ...(areaId !== undefined ? { areaId } : {}),
          })
        }
      />
      {isDating ? (
        <OpenedDayChooser
          title="Day of the meeting"
          date={page.date}
          past
          onChoose={(date) => {
            if (date) edit({ date })
          }}
          onClose={() => setDating(false)}
        />
      ) : null}
    </Column>
  )
}
