// A look back as it is written up, and a report for somebody else: as Markdown and as a table for a spreadsheet.
import Papa from 'papaparse'
import type { LookBack } from '@/core/lookBack'
import type { Report } from '@/core/lookBack/report'
import type { CalendarDate } from '@/core/time'
import { duration, shortDate } from './dates'
import { doneSaid, sharesSaid } from './lookBack'

/** Words as they are, in Markdown: no sign of them is a mark. */
export const asWritten = (text: string): string =>
  text.replace(/\s+/g, ' ').replace(/[\\`*_[\]<>|#~]/g, (sign) => `\\${sign}`)

export interface WrittenFrom {
  readonly back: LookBack
  readonly groups: readonly { readonly name: string; readonly minutes: number }[]
  readonly finished: readonly { readonly title: string; readonly on: CalendarDate }[]
  readonly today: CalendarDate
}

/** What a written look back begins with: its figures of that day, and what was finished. */
export function writtenBack({ back, groups, finished, today }: WrittenFrom): string {
  const figures = [doneSaid(back, false), sharesSaid(back)].filter(Boolean).join(' ')
  const table = groups
    .filter(({ minutes }) => minutes > 0)
    .map(({ name, minutes }) => `| ${asWritten(name)} | ${duration(minutes)} |`)
  return [
    figures,
    ...(table.length > 0 ? ['', '| Area | Done |', '| --- | --- |', ...table] : []),
    '',
    '## Finished',
    '',
    ...(finished.length > 0
      ? finished.map(({ title, on }) => `- ${asWritten(title)}, ${shortDate(on, today)}`)
      : ['No project.']),
    '',
    '## How it was',
    '',
    '',
  ].join('\n')
}

export interface ReportSaid {
  readonly title: string
  readonly span: string
  readonly meetings: readonly string[]
}

/** "1.25": hours for an invoice or a spreadsheet. */
const hoursOf = (minutes: number): string => (minutes / 60).toFixed(2)
/** A date without "today" or a weekday, for somebody who reads it later. */
const dateSaid = (date: CalendarDate): string => shortDate(date, '0000-01-01' as CalendarDate)

export function reportMarkdown({ days, minutes }: Report, { title, span, meetings }: ReportSaid): string {
  return [
    `# ${asWritten(title)}`,
    '',
    span,
    '',
    ...(days.length === 0
      ? ['Nothing was done in these days.']
      : [
          '| Day | Done | Time |',
          '| --- | --- | ---: |',
          ...days.map(
            (day) =>
              `| ${dateSaid(day.date)} | ${day.titles.map(asWritten).join('; ')} | ${day.minutes > 0 ? duration(day.minutes) : ''} |`,
          ),
          `| | Together | ${duration(minutes)} |`,
        ]),
    ...(meetings.length > 0
      ? ['', '## Meetings', '', ...meetings.map((each) => `- ${asWritten(each)}`)]
      : []),
    '',
  ].join('\n')
}

/** Read by any spreadsheet (RFC 4180); a text that begins like a formula is none. */
export const reportCsv = ({ days }: Report): string =>
  Papa.unparse(
    days.map(({ date, titles, minutes }) => ({
      date,
      done: titles.join('; '),
      minutes,
      hours: hoursOf(minutes),
    })),
    { columns: ['date', 'done', 'minutes', 'hours'], escapeFormulae: true, newline: '\r\n' },
  )
