// The minutes of a week or a month: planned against done, day by day or week by week, and area by area against the one
// before.
import { useState } from 'react'
import { daysTogether, type DayAsItWent } from '@/core/week'
import { addDays, type CalendarDate } from '@/core/time'
import { doneIn, howItWent, minutesByArea } from '@/state/read/howItWent'
import { plannedOn } from '@/state/read/dayLoad'
import { useOfSide, useSide } from '@/held/side'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { BandHeading, Button, Column, Row, Seal, SlideOver, Words } from '@/ui'
import { duration } from '@/words'
import { plannedAndDone, spanSaid, type SpanNames } from '@/words/month'

interface HowItWentProps {
  readonly names: SpanNames
  /** The days of it. */
  readonly dates: readonly CalendarDate[]
  /** The rows of it, each of one day or more. */
  readonly rows: readonly { readonly label: string; readonly dates: readonly CalendarDate[] }[]
  readonly before: { readonly from: CalendarDate; readonly to: CalendarDate }
}

/** The button, and behind it the sheet. */
export function HowItWent(props: HowItWentProps) {
  const [isOpen, setOpen] = useState(false)
  return (
    <>
      <Button kind="quiet" label="Minutes" aria-haspopup="dialog" onPress={() => setOpen(true)} />
      {isOpen ? (
        <SlideOver title={props.names.title} onClose={() => setOpen(false)}>
          <Minutes {...props} />
        </SlideOver>
      ) : null}
    </>
  )
}

function Minutes({ names, dates, rows, before }: HowItWentProps) {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const [side] = useSide()
  const ofSide = useOfSide()
  const zone = clock.zone()
  const days = new Map(howItWent(document, dates, zone, side).map((day) => [day.date, day]))
  const all = daysTogether([...days.values()])
  const [first, last] = [dates[0] as CalendarDate, dates.at(-1) as CalendarDate]
  const ahead = dates.filter((date) => date >= today)
  const areas = minutesByArea(document, {
    done: doneIn(document, first, last, zone, side),
    planned: ahead.flatMap((date) => ofSide(plannedOn(document, date, today))),
    before: doneIn(document, before.from, before.to, zone, side),
  })
  const told = rows.map(({ label, dates: of }) => ({
    label,
    ...daysTogether(of.flatMap((date) => days.get(date) ?? [])),
    isAhead: (of[0] ?? today) > today,
  }))
  const come = told.filter(({ isAhead }) => !isAhead)
  const most = Math.max(1, ...told.map((row) => Math.max(row.plannedMinutes ?? 0, row.doneMinutes)))
  return (
    <Column gap="$1">
      <Words>{spanSaid(all, last < today)}</Words>
      {come.some((row) => row.doneMinutes > 0 || row.plannedMinutes !== null) ? (
        <>
          <BandHeading title="Planned and done" />
          <Column render="ul" aria-label="Planned and done" gap="$2">
            {come.map((row) => (
              <PlannedAndDone key={row.label} row={row} most={most} />
            ))}
          </Column>
        </>
      ) : null}
      {areas.length > 0 ? (
        <>
          <BandHeading title="By area" />
          <table className="minutes">
            <thead>
              <tr>
                <th scope="col">Area</th>
                <th scope="col">Done</th>
                <th scope="col">To do</th>
                <th scope="col">{names.before}</th>
              </tr>
            </thead>
            <tbody>
              {areas.map(({ area, doneMinutes, plannedMinutes, beforeMinutes }) => (
                <tr key={area?.id ?? 'none'}>
                  <th scope="row">
                    <Row gap="$2">
                      <Seal letters={area?.letters ?? null} ink={area?.ink ?? 0} size={20} />
                      <Words flexShrink={1}>{area?.name ?? 'No area'}</Words>
                    </Row>
                  </th>
                  {[doneMinutes, plannedMinutes, beforeMinutes].map((minutes, at) => (
                    <td key={at}>{minutes > 0 ? duration(minutes) : '–'}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : null}
    </Column>
  )
}

/** Planned is the outline, done what fills it. */
function PlannedAndDone({
  row,
  most,
}: {
  readonly row: { readonly label: string } & Omit<DayAsItWent, 'date'>
  readonly most: number
}) {
  const share = (minutes: number) => ({ width: `${(minutes / most) * 100}%` })
  return (
    <li className="went">
      <span className="went-name">{row.label}</span>
      <span className="went-bar" aria-hidden>
        <span className="went-done" style={share(row.doneMinutes)} />
        {row.plannedMinutes ? <span className="went-planned" style={share(row.plannedMinutes)} /> : null}
      </span>
      <span className="went-words">{plannedAndDone(row)}</span>
    </li>
  )
}

/** The span of the same length before. */
export const before = (dates: readonly CalendarDate[]) => ({
  from: addDays(dates[0] as CalendarDate, -dates.length),
  to: addDays(dates[0] as CalendarDate, -1),
})
