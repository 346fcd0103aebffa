import { Column, Words } from '@/ui'
import { recordIn } from '@/core/journal'
import { useHeld } from '@/held/zen'
import { select } from '@/state'
import { loadShort } from '@/words'
import { awayWords } from '@/words/hours'
import { doneWords } from '@/words/month'
import { Fullness } from './Fullness'
import type { ShownDay } from './shownDay'

/** What is planned over a bar to scale: moss what fits, clay what does not. Of a day that has passed, what was done. */
export function DayLoad({ day, isPast }: { day: ShownDay; isPast: boolean }) {
  const { load, done } = day
  const { overMinutes } = load
  const away = useHeld(({ document }) => recordIn(document, select.planIdOf(day.date))?.away ?? null)
  if (isPast)
    return (
      <Words size="small" tone="inkSoft">
        {doneWords(day)}
      </Words>
    )
  return (
    <Column gap="$1" flexShrink={0}>
      {away === null ? null : (
        <Words size="small" tone="slate">
          {awayWords(away)}
        </Words>
      )}
      <Words size="small" tone={overMinutes > 0 ? 'clay' : 'inkSoft'}>
        {loadShort(load)}
        {overMinutes > 0 ? ': too much' : ''}
      </Words>
      <Fullness load={load} isTall />
      {done.length > 0 ? (
        <Words size="small" tone="inkSoft">
          {doneWords(day)}
        </Words>
      ) : null}
    </Column>
  )
}
