// The day that is opened in the Month: what is there, and whether the person is away.
import { useMedia } from '@tamagui/core'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { Bar } from '@/core/calendar/overDays'
import type { Action, Project } from '@/core/record'
import { BandHeading, Button, Column, Press, Row, Seal, Words } from '@/ui'
import { DayEvents } from '@/parts/events/DayEvents'
import { Band } from '@/parts/rows/Band'
import { useSurroundings } from '@/parts/rows/surroundings'
import { useAct, useToday } from '@/held/zen'
import { longDate, nearDate } from '@/words'
import { Cards, Chases } from '../DayCards'
import { DayLoad } from '../DayLoad'
import type { MonthDay } from './useMonth'

interface MonthDayPaneProps {
  readonly day: MonthDay
  /** Over the days of the month. */
  readonly bars: readonly Bar<ShownEvent>[]
  /** Which of these days it is. */
  readonly at: number
}

export function MonthDayPane({ day, bars, at }: MonthDayPaneProps) {
  const act = useAct()
  const today = useToday()
  const { date, events, due, projectsDue, planned, done, away } = day
  const whole = bars.filter(({ from, to }) => from <= at && to >= at).map(({ event }) => event)
  const isEmpty =
    events.length +
      whole.length +
      due.length +
      projectsDue.length +
      planned.length +
      day.toChase.length +
      done.length ===
    0
  const setAway = (to: string | null) =>
    act(
      'setDayAway',
      { dates: [date], away: to },
      { say: to === null ? `Not away: ${nearDate(date, today)}` : `Away: ${nearDate(date, today)}` },
    )
  return (
    <Column render="section" aria-label={longDate(date)} gap="$1">
      <Row justifyContent="space-between" alignItems="flex-start" gap="$2" minHeight={44}>
        <Words render="h2" size="title" paddingTop="$2" flex={1} minWidth={0}>
          {longDate(date)}
        </Words>
        {date < today ? null : (
          <Button
            flexShrink={0}
            kind="quiet"
            label={away === null ? 'Mark away' : 'Not away'}
            aria-label={`${away === null ? 'Mark away' : 'Not away'} on ${longDate(date)}`}
            onPress={() => setAway(away === null ? '' : null)}
          />
        )}
      </Row>
      <DayLoad day={day} isPast={date < today} />
      <DayEvents events={[...whole, ...events]} date={date} label="Events" />
      {projectsDue.length + due.length > 0 ? (
        <Column>
          {projectsDue.length > 0 ? (
            <Column render="ul" aria-label="Projects due" paddingTop="$2">
              {projectsDue.map((project) => (
                <ProjectDue key={project.id} project={project} />
              ))}
            </Column>
          ) : null}
          <Listed title="Due" actions={due} />
        </Column>
      ) : null}
      <Listed title="Planned" actions={planned} />
      {day.toChase.length > 0 ? (
        <Column>
          <BandHeading title="To chase" end={String(day.toChase.length)} />
          <Chases actions={day.toChase} label="To chase" />
        </Column>
      ) : null}
      <Listed title="Done" actions={done} />
      {isEmpty ? (
        <Words tone="inkSoft" paddingTop="$2">
          {date < today ? 'Nothing was done on this day.' : 'Nothing is planned for this day.'}
        </Words>
      ) : null}
    </Column>
  )
}

/** As rows on a phone; beside the month, where it is narrow, as cards. */
function Listed({ title, actions }: { title: string; actions: readonly Action[] }) {
  const { wide } = useMedia()
  if (actions.length === 0) return null
  if (!wide) return <Band title={title} actions={actions} quick="move" />
  return (
    <Column>
      <BandHeading title={title} end={String(actions.length)} />
      <Cards actions={actions} label={title} />
    </Column>
  )
}

function ProjectDue({ project }: { project: Project }) {
  const { open } = useSurroundings()
  return (
    <li>
      <Press gap="$2.5" minHeight={44} width="100%" onPress={() => open(project.id)} data-row>
        {project.letters ? <Seal letters={project.letters} ink={project.ink} size={20} /> : null}
        <Column flex={1} minWidth={0}>
          <Words>{project.title}</Words>
          <Words size="second" tone="inkSoft">
            project, due
          </Words>
        </Column>
      </Press>
    </li>
  )
}
