// How a habit went, as small marks on a strip, the latest at the right: done, missed, skipped, still open. Below it the
// same in words.
import { parseRuleText } from '@/core/repeat'
import { habitDays, habitMonths, runsIn, type HabitDay } from '@/core/repeat/habit'
import type { Repeat } from '@/core/record'
import { seriesNameOf, occurrenceOf } from '@/core/action'
import { addDays, localMomentAt, type CalendarDate } from '@/core/time'
import { owned } from '@/state'
import { useReader } from '@/held/reader'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { Column, Words } from '@/ui'
import { habitDayWords, habitMonthWords, runWords } from '@/words/turns'

/** As many marks as stand on a phone in two rows; the words tell of all of them. */
const shownMarks = 28
/** How far back is counted: three years. */
const daysBack = 3 * 366

export function HabitStrip({ repeat }: { repeat: Repeat }) {
  const today = useToday()
  const marked = useHabit(repeat)
  if (marked === null) return null
  if (marked.length === 0)
    return (
      <Words size="second" tone="inkSoft">
        Nothing to show before its first day.
      </Words>
    )
  const shown = marked.slice(-shownMarks)
  const runs = runsIn(marked)
  const months = habitMonths(marked).slice(0, 3).map(habitMonthWords)
  const told = [repeat.fromDone || runs.best === 0 ? null : runWords(runs), ...months].filter(Boolean)
  return (
    <Column gap="$1.5" paddingVertical="$2">
      <ul className="habit" aria-label="How it went">
        {shown.map((each) => (
          <li key={each.day} className={each.mark} title={habitDayWords(each, today)}>
            <span className="visually-hidden">{habitDayWords(each, today)}</span>
          </li>
        ))}
      </ul>
      {told.length > 0 ? (
        <Words size="second" tone="inkSoft">
          {told.join(' · ')}
        </Words>
      ) : null}
    </Column>
  )
}

/** The days of the rule up to today with their marks; null until the rule library is there. */
function useHabit(repeat: Repeat): readonly HabitDay[] | null {
  const { days } = useReader()
  const { clock } = useZen()
  const document = useHeldDocument()
  const today = useToday()
  const rule = parseRuleText(repeat.rule)
  if (!days || !rule) return null
  const dayOf = (epochMs: number): CalendarDate => localMomentAt(epochMs, clock.zone()).date
  const ticks = owned
    .actionsOfSeries(document, seriesNameOf(repeat.actionId))
    .flatMap((action) =>
      action.doneAtEpochMs === null
        ? []
        : [{ turn: occurrenceOf(action, repeat), doneOn: dayOf(action.doneAtEpochMs) }],
    )
  const longAgo = addDays(today, -daysBack)
  const first = repeat.startsOn > longAgo ? repeat.startsOn : longAgo
  // Counted from when it was done there is no day that could be missed: each tick is a day of its own.
  const ofRule = repeat.fromDone
    ? [...new Set(ticks.map(({ doneOn }) => doneOn))].sort()
    : days.daysWithin({ rule, startsOn: repeat.startsOn }, first, today, daysBack)
  return habitDays(ofRule, ticks, repeat.skips)
}
