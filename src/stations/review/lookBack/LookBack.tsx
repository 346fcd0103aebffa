// The look back: what was done in a week, a month, a year or between two days, in minutes and outcomes.
import { useMedia } from '@tamagui/core'
import { useMemo, useState, type ReactNode } from 'react'
import { stretchOf, type DaySpan } from '@/core/lookBack'
import type { CalendarDate } from '@/core/time'
import { groupings, type lookBackOf } from '@/state/read/lookBack'
import { select } from '@/state'
import { Button, Choice, Column, IconButton, Row, SaidChip, Sheet, Words } from '@/ui'
import { DeskLayout } from '@/frame/DeskLayout'
import { StationHead } from '@/frame/StationHead'
import { useSide } from '@/held/side'
import { useKept } from '@/held/useKept'
import { useOpened } from '@/held/useOpened'
import { useHeld, useToday, useZen } from '@/held/zen'
import type { Filtered } from '@/parts/lens/LensFilter'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { duration, shortDate, spanWords, weekdayShort } from '@/words'
import { monthShort } from '@/words/dates'
import { doneSaid, groupingWords, sharesSaid, spanKindWords, spanTitle } from '@/words/lookBack'
import { DoneTape, LensFilter } from './borrowed'
import { Finished } from './Finished'
import { Groups } from './Groups'
import { ReportSheet } from './ReportSheet'
import { useLookBack } from './useLookBack'
import { Written, WriteUp } from './Written'
import { spanChoices, useSpan, type Span } from './useSpan'

/** So many days have a bar each; of more, the months have. */
const daysDrawn = 400

export function LookBack() {
  return <LensFilter of="look-back">{(filtered) => <LookBackThrough {...filtered} />}</LensFilter>
}

function LookBackThrough({ matches, button, sentence }: Filtered) {
  const { wide } = useMedia()
  const { opened } = useOpened()
  const today = useToday()
  const { clock } = useZen()
  const [side] = useSide()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const span = useSpan()
  const { from, to, kind } = span
  const [isReporting, setReporting] = useState(false)
  const [keptGrouping, keepGrouping] = useKept('look-back-by')
  const grouping = groupings.find((each) => each === keptGrouping) ?? 'area'
  const zone = clock.zone()
  const back = useLookBack({ from, to }, { weekStartsOn, zone, side, grouping, matches })
  if (!back) return <Column height={240} />
  const shares = sharesSaid(back)
  const title = spanTitle(kind, span, today)
  const isBeside = wide && opened === null
  const said = doneSaid(back, span.isNow)
  const groups = (
    <Column>
      <Choice
        label="By"
        shown={wide}
        options={groupings.map((value) => ({ value, label: groupingWords[value].name }))}
        chosen={[grouping]}
        onToggle={(chosen) => keepGrouping(chosen === 'area' ? null : chosen)}
        oneLine={!wide}
      />
      <Groups back={back} grouping={grouping} />
    </Column>
  )
  const finished = <Finished span={{ from, to }} zone={zone} side={side} />
  return (
    <DeskLayout plain>
      <StationHead label={wide ? undefined : 'Look back'} title={title} />
      <SpanRow span={span} filter={button} />
      {sentence}
      <Row gap="$2" paddingVertical="$2" justifyContent="space-between" alignItems="flex-start">
        <Column gap="$1" flex={1} minWidth={0} paddingTop="$2">
          <Words size="large" render="p">
            {said}
          </Words>
          {shares === '' ? null : (
            <Words size="second" tone="inkSoft" render="p">
              {shares}
            </Words>
          )}
        </Column>
        <Turn span={span} />
      </Row>
      {back.outcomes === 0 ? null : (
        <>
          <Bars back={back} today={today} title={title}>
            <Button kind="quiet" label="Report" aria-haspopup="dialog" onPress={() => setReporting(true)} />
            <WriteUp span={{ from, to }} title={title} />
          </Bars>
          {isBeside ? (
            <Row alignItems="flex-start" gap="$3.5" paddingTop="$4">
              <Sheet flex={1} padding="$4">
                {groups}
              </Sheet>
              <Sheet flex={1} padding="$4">
                {finished}
              </Sheet>
            </Row>
          ) : (
            <Column gap="$3" paddingTop="$4">
              {groups}
              {finished}
            </Column>
          )}
        </>
      )}
      <Written />
      {isReporting ? (
        <ReportSheet
          span={{ from, to }}
          title={title}
          matches={matches}
          onClose={() => setReporting(false)}
        />
      ) : null}
    </DeskLayout>
  )
}

function SpanRow({ span, filter }: { span: Span; filter: ReactNode }) {
  const { wide } = useMedia()
  const today = useToday()
  const [asked, setAsked] = useState<'from' | 'to' | null>(null)
  const { kind, from, to } = span
  const set = (end: 'from' | 'to', date: CalendarDate) => {
    // The other end goes along where the two would cross.
    const next: DaySpan = { from, to, [end]: date }
    span.setBetween(next.from <= next.to ? next : { from: date, to: date })
  }
  return (
    <Column gap="$2">
      <Row gap="$1.5" alignItems="center">
        <Choice
          label="Days looked back on"
          shown={false}
          oneLine={!wide}
          options={spanChoices.map((value) => ({ value, label: spanKindWords[value] }))}
          chosen={[kind]}
          onToggle={span.choose}
        />
        {filter}
      </Row>
      {kind === 'between' ? (
        <Row gap="$2" flexWrap="wrap">
          <SaidChip text={`from ${shortDate(from, today)}`} onPress={() => setAsked('from')} />
          <SaidChip text={`until ${shortDate(to, today)}`} onPress={() => setAsked('to')} />
        </Row>
      ) : null}
      {asked ? (
        <OpenedDayChooser
          key={asked}
          title={asked === 'from' ? 'From which day?' : 'Until which day?'}
          date={asked === 'from' ? from : to}
          past
          onChoose={(date) => (date ? set(asked, date) : undefined)}
          onClose={() => setAsked(null)}
        />
      ) : null}
    </Column>
  )
}

/** To the span before and after; between two days there is none. */
function Turn({ span: { kind, isNow, turn, toNow } }: { span: Span }) {
  if (!turn || kind === 'between') return null
  const name = spanKindWords[kind].toLowerCase()
  return (
    <Row flexShrink={0} className="no-print">
      <IconButton label={`The ${name} before`} icon="previous" onPress={() => turn(-1)} />
      {isNow ? null : <Button kind="quiet" label={`This ${name}`} onPress={toNow} />}
      <IconButton label={`The ${name} after`} icon="next" disabled={isNow} onPress={() => turn(1)} />
    </Row>
  )
}

interface Bar {
  readonly from: CalendarDate
  readonly to: CalendarDate
  readonly done: number
  readonly planned: number
}

/** The days of the span, or where they are too many, its months. */
function barsOf({ days, stretches }: ReturnType<typeof lookBackOf>): Bar[] {
  const byDay = days.map(({ date, doneMinutes, plannedMinutes }) => ({
    from: date,
    to: date,
    done: doneMinutes,
    planned: plannedMinutes ?? 0,
  }))
  if (byDay.length <= daysDrawn) return byDay
  let at = 0
  return stretches.map(({ from, to }) => {
    let [done, planned] = [0, 0]
    for (let bar = byDay[at]; bar && bar.from <= to; bar = byDay[++at]) {
      done += bar.done
      planned += bar.planned
    }
    return { from, to, done, planned }
  })
}

/** Weekdays under a week, numbers under a month, months under what is longer. */
function marksOf(bars: readonly Bar[], isYears: boolean): { at: number; label: string }[] {
  const isFew = bars.length <= 7
  return bars.flatMap(({ from }, at) => {
    const day = Number(from.slice(8))
    if (isYears) return from.slice(5, 7) === '01' ? [{ at, label: from.slice(0, 4) }] : []
    if (isFew) return [{ at, label: weekdayShort(from) }]
    if (bars.length <= 31) return day % 5 === 0 ? [{ at, label: String(day) }] : []
    return day === 1 ? [{ at, label: monthShort(from) }] : []
  })
}

function Bars({
  back,
  today,
  title,
  children,
}: {
  back: ReturnType<typeof lookBackOf>
  today: CalendarDate
  title: string
  children: ReactNode
}) {
  const [isTable, setTable] = useState(false)
  const bars = useMemo(() => barsOf(back), [back])
  const isYears = back.days.length > daysDrawn
  const marks = useMemo(() => marksOf(bars, isYears), [bars, isYears])
  const full = bars.filter(({ done, planned }) => done + planned > 0)
  const name = ({ from, to }: Bar) => {
    if (from === to) return shortDate(from, today)
    return stretchOf({ from, to }) === 'day' ? `${monthShort(from)} ${from.slice(0, 4)}` : spanWords(from, to)
  }
  return (
    <Column>
      <DoneTape bars={bars} marks={marks} words={`Planned and done, ${title}: the table says the same`} />
      <Row justifyContent="flex-end" flexWrap="wrap" className="no-print">
        {children}
        <Button
          kind="quiet"
          label={isTable ? 'Hide the table' : 'As a table'}
          aria-expanded={isTable}
          onPress={() => setTable(!isTable)}
        />
      </Row>
      {isTable ? (
        <table className="minutes" aria-label="Planned and done">
          <thead>
            <tr>
              <th scope="col">{isYears ? 'Month' : 'Day'}</th>
              <th scope="col">Done</th>
              <th scope="col">Planned</th>
            </tr>
          </thead>
          <tbody>
            {full.map((bar) => (
              <tr key={bar.from}>
                <th scope="row">{name(bar)}</th>
                {[bar.done, bar.planned].map((minutes, at) => (
                  <td key={at}>{minutes > 0 ? duration(minutes) : '–'}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
    </Column>
  )
}
