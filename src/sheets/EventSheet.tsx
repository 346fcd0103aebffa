// An event of a calendar: when and where it is, who comes, and what can be made from it here. In its calendar nothing
// is changed.
import type { ShownEvent, WholeEvent } from '@/core/calendar/calendarReader'
import { idOf, recordIn } from '@/core/journal'
import { titleLimit, type Action, type Id } from '@/core/record'
import { addDays, fromMinute, localMomentAt, type CalendarDate } from '@/core/time'
import { useWholeEvent } from '@/held/calendars/useWholeEvent'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'
import { select } from '@/state'
import { Button, Column, Row, SlideOver, Words } from '@/ui'
import { capital, nearDate } from '@/words'
import { eventTimes, eventTitle, zoneName } from '@/words/events'

/** Longer notes are read where the calendar is kept. */
const mostOfNote = 1500

export function EventSheet({ event, onClose }: { event: ShownEvent; onClose: () => void }) {
  const { clock } = useZen()
  const today = useToday()
  const zone = clock.zone()
  const whole = useWholeEvent(event.calendarId, event.id, event.fromEpochMs)
  const shown = whole ?? event
  const calendar = useHeld(({ document }) => recordIn(document, event.calendarId as Id<'calendar'>))
  const { date } = localMomentAt(shown.fromEpochMs, zone)
  const last = localMomentAt(Math.max(shown.fromEpochMs, shown.toEpochMs - 1), zone).date
  const when = last > date && shown.isAllDay ? `to ${nearDate(last, today)}` : eventTimes(shown, date, zone)
  return (
    <SlideOver title={eventTitle(shown)} onClose={onClose}>
      <Column gap="$1">
        <Words tone="slate">{`${capital(nearDate(date, today))}, ${when}`}</Words>
        <InItsZone event={shown} own={zone} />
        {shown.place ? <Words>{shown.place}</Words> : null}
        {whole && whole.people.length > 0 ? (
          <Words tone="inkSoft">with {whole.people.map(({ name }) => name).join(', ')}</Words>
        ) : null}
        <Words size="second" tone="inkSoft">
          {[calendar?.name, shown.isTentative ? 'not certain' : '', shown.isBusy ? '' : 'takes no time']
            .filter(Boolean)
            .join(' · ')}
        </Words>
      </Column>
      {whole === null ? (
        <Words role="status" tone="clay">
          This event is gone from its calendar.
        </Words>
      ) : null}
      {whole?.note ? (
        <Words whiteSpace="pre-wrap">
          {whole.note.length > mostOfNote ? `${whole.note.slice(0, mostOfNote)}…` : whole.note}
        </Words>
      ) : null}
      {whole && /^https?:\/\/\S+$/i.test(whole.link) ? (
        <a href={whole.link} target="_blank" rel="noopener noreferrer">
          <Words tone="brass" style={{ textDecoration: 'underline' }}>
            Open the link
          </Words>
        </a>
      ) : null}
      <Acts event={shown} people={whole?.people ?? []} date={date} last={last} onClose={onClose} />
    </SlideOver>
  )
}

/** Its hours by the clock it was made by, where that is another. */
function InItsZone({ event, own }: { event: ShownEvent; own: string }) {
  const { zone, fromEpochMs } = event
  if (zone === null) return null
  const { date, minute } = localMomentAt(fromEpochMs, zone)
  const here = localMomentAt(fromEpochMs, own)
  if (date === here.date && minute === here.minute) return null
  return (
    <Words size="second" tone="inkSoft">
      {`${eventTimes(event, date, zone)} in ${zoneName(zone)}`}
    </Words>
  )
}

/** People of the event whom one knows by this name. */
function useKnown(people: WholeEvent['people']): Id<'person'>[] {
  const document = useHeldDocument()
  const names = new Set(people.map(({ name }) => name.trim().toLowerCase()))
  return select
    .peopleOf(document)
    .flatMap(({ id, name }) => (names.has(name.trim().toLowerCase()) ? [id] : []))
}

/** When what prepares an event is due: as it begins; of a whole day, the day before. */
const dueBefore = (event: ShownEvent, date: CalendarDate, zone: string): Action['due'] =>
  event.isAllDay
    ? { date: addDays(date, -1), time: null }
    : { date, time: fromMinute(localMomentAt(event.fromEpochMs, zone).minute) }

function Acts({
  event,
  people,
  date,
  last,
  onClose,
}: {
  event: ShownEvent
  people: WholeEvent['people']
  date: CalendarDate
  last: CalendarDate
  onClose: () => void
}) {
  const act = useAct()
  const today = useToday()
  const { clock } = useZen()
  const { open } = useOpened()
  const personIds = useKnown(people)
  const title = eventTitle(event).replace(/\s+/g, ' ')
  const called = (before: string) => `${before} ${title}`.trim().slice(0, titleLimit)
  const tie = {
    calendarId: event.calendarId as Id<'calendar'>,
    key: event.id,
    title: title.slice(0, titleLimit),
    on: date,
    fromEpochMs: Math.max(0, Math.floor(event.fromEpochMs)),
  }
  const add = (given: { title: string } & Partial<Pick<Action, 'due' | 'day'>>) => {
    if (act('addAction', { ...given, personIds, event: tie }, { say: `Added: ${given.title}` }).ok) onClose()
  }
  const after = addDays(last, 1)
  return (
    <Row gap="$1" flexWrap="wrap" justifyContent="flex-end">
      <Button
        kind="quiet"
        label="Meeting note"
        onPress={() => {
          const outcome = act('addMeetingNote', { title: called(''), date, personIds })
          const [part] = outcome.ok ? outcome.value : []
          if (!part) return
          onClose()
          open(idOf(part) as Id<'note'>)
        }}
      />
      <Button
        kind="quiet"
        label="Follow up"
        onPress={() => add({ title: called('Follow up on'), day: after > today ? after : today })}
      />
      <Button
        kind="main"
        label="Prepare"
        onPress={() => add({ title: called('Prepare for'), due: dueBefore(event, date, clock.zone()) })}
      />
    </Row>
  )
}
