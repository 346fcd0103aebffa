// A report for somebody else: what is shown, through its filter, without anything private; to print, copy or save.
import { useMemo, useState } from 'react'
import { createPortal } from 'react-dom'
import type { DaySpan } from '@/core/lookBack'
import { reportOf, roundings, type Rounding } from '@/core/lookBack/report'
import type { Action } from '@/core/record'
import { localMomentAt } from '@/core/time'
import { reportable, meetingsFor } from '@/state/read/reportable'
import { useOnDemand } from '@/held/reader'
import { saveAs } from '@/held/saveAs'
import { usePrinting } from '@/held/usePrinting'
import { useHeldDocument, useZen } from '@/held/zen'
import { desk } from '@/held/desk'
import { Button, Choice, Column, Field, Row, SlideOver, Words } from '@/ui'
import { StickyFoot } from '@/ui/StickyFoot'
import { count, duration, shortDate } from '@/words'
import { reportCsv, reportMarkdown } from '@/words/report'

interface ReportSheetProps {
  readonly span: DaySpan
  /** "1 – 31 March 2026" */
  readonly title: string
  readonly matches: ((action: Action) => boolean) | null
  readonly onClose: () => void
}

const roundingWords: Readonly<Record<Rounding, string>> = {
  1: 'as it was',
  5: '5 min',
  15: '15 min',
  30: '30 min',
  60: '1 h',
}

export function ReportSheet({ span, title, matches, onClose }: ReportSheetProps) {
  const document = useHeldDocument()
  const { clock } = useZen()
  const zone = clock.zone()
  const notes = useOnDemand()?.notes
  const [heading, setHeading] = useState('')
  const [rounding, setRounding] = useState<Rounding>(15)
  const { from, to } = span
  const done = useMemo(
    () => reportable(document, { from, to }, zone, matches),
    [document, from, to, zone, matches],
  )
  const report = useMemo(
    () =>
      reportOf(
        done.map(({ action, minutes }) => ({
          date: localMomentAt(action.doneAtEpochMs as number, zone).date,
          title: action.title,
          minutes,
        })),
        rounding,
      ),
    [done, rounding, zone],
  )
  const meetings = notes ? meetingsFor(document, { from, to }, done, notes.meetingNotesOf(document)) : []
  const said = {
    title: heading.trim() === '' ? `Report, ${title}` : heading,
    span: title,
    meetings: meetings.map((note) => `${note.title}, ${shortDate(note.date, '0000-01-01' as typeof from)}`),
  }
  const copy = () => {
    const { tell } = desk.getState()
    void navigator.clipboard.writeText(reportMarkdown(report, said)).then(
      () => tell('Copied as Markdown. Paste it where it goes.'),
      () => tell('The browser did not let it be copied. Save it as a file instead.', { problem: true }),
    )
  }
  const save = (name: string, text: string, type: string) =>
    saveAs(name, new Blob([text], { type: `${type};charset=utf-8` }))
  const name = `report-${from}-${to}`
  return (
    <SlideOver title="Report" onClose={onClose} full>
      <Field
        label="Its heading"
        placeholder={`Report, ${title}`}
        value={heading}
        maxLength={300}
        onChangeText={setHeading}
      />
      <Choice
        label="Round up to"
        options={roundings.map((value) => ({ value: String(value), label: roundingWords[value] }))}
        chosen={[String(rounding)]}
        onToggle={(value) => setRounding(Number(value) as Rounding)}
      />
      <Words size="second" tone="inkSoft">
        Nothing private is in it. Set the filter to a person, a project or an area to report for it alone.
      </Words>
      {report.days.length === 0 ? (
        <Words>Nothing was done in these days. Choose other days, or change the filter.</Words>
      ) : (
        <Column gap="$1">
          <Row gap="$1" flexWrap="wrap" marginLeft="$-2">
            <Button kind="quiet" label="Copy" onPress={copy} />
            <Button
              kind="quiet"
              label="Save Markdown"
              onPress={() => save(`${name}.md`, reportMarkdown(report, said), 'text/markdown')}
            />
            <Button
              kind="quiet"
              label="Save CSV"
              // The mark at its beginning tells spreadsheets that it is UTF-8.
              onPress={() => save(`${name}.csv`, `\uFEFF${reportCsv(report)}`, 'text/csv')}
            />
          </Row>
          <ReportTable report={report} />
        </Column>
      )}
      {said.meetings.length > 0 ? (
        <Column>
          <Words strong>Meetings</Words>
          {said.meetings.map((each, at) => (
            <Words key={at}>{each}</Words>
          ))}
        </Column>
      ) : null}
      {report.days.length === 0 ? null : (
        <StickyFoot low>
          <Words size="second" tone="inkSoft">
            {`${duration(report.minutes)} on ${count(report.days.length, 'day')}`}
          </Words>
          <Button kind="main" label="Print" onPress={() => window.print()} />
        </StickyFoot>
      )}
      <OnPaper report={report} said={said} />
    </SlideOver>
  )
}

type Reported = ReturnType<typeof reportOf>

function ReportTable({ report }: { report: Reported }) {
  return (
    <table className="minutes report" aria-label="Report">
      <thead>
        <tr>
          <th scope="col">Day</th>
          <th scope="col">Done</th>
          <th scope="col">Time</th>
        </tr>
      </thead>
      <tbody>
        {report.days.map(({ date, titles, minutes }) => (
          <tr key={date}>
            <th scope="row">{shortDate(date, '0000-01-01' as typeof date)}</th>
            <td>{titles.join('; ')}</td>
            <td>{minutes > 0 ? duration(minutes) : '–'}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">Together</th>
          <td />
          <td>{duration(report.minutes)}</td>
        </tr>
      </tfoot>
    </table>
  )
}

/** What is laid on paper instead of the page. */
function OnPaper({
  report,
  said,
}: {
  report: Reported
  said: { readonly title: string; readonly span: string; readonly meetings: readonly string[] }
}) {
  const isPrinting = usePrinting()
  const root = document.getElementById('root')
  if (!isPrinting || !root) return null
  return createPortal(
    <article className="on-paper">
      <h1>{said.title}</h1>
      <p className="paper-load">{said.span}</p>
      <ReportTable report={report} />
      {said.meetings.length > 0 ? (
        <>
          <h2 className="paper-heading">Meetings</h2>
          <ul>
            {said.meetings.map((each, at) => (
              <li key={at} className="paper-row">
                {each}
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </article>,
    root,
  )
}
