import { View } from '@tamagui/core'
import { Column, Words } from '@/ui'
import { recordIn } from '@/core/journal'
import { useHeld } from '@/held/zen'
import { select } from '@/state'
import { duration, loadShort } from '@/words'
import { awayWords } from '@/words/hours'
import type { DayOfWeek } from './dayOfWeek'

/** "7 done, 1 h 40" */
export function doneWords({ done, doneMinutes }: DayOfWeek): string {
  if (done.length === 0) return 'nothing done'
  return `${done.length} done${doneMinutes > 0 ? `, ${duration(doneMinutes)}` : ''}`
}

/** What is planned over a bar to scale: moss what fits, clay what does not. Of a day that has passed, what was done. */
export function DayLoad({ day, isPast }: { day: DayOfWeek; isPast: boolean }) {
  const { load, done } = day
  const { plannedMinutes, availableMinutes, overMinutes } = load
  const away = useHeld(({ document }) => recordIn(document, select.planIdOf(day.date))?.away ?? null)
  if (isPast)
    return (
      <Words size="small" tone="inkSoft">
        {doneWords(day)}
      </Words>
    )
  const whole = Math.max(plannedMinutes, availableMinutes, 1)
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
      <View
        height={8}
        borderWidth={1}
        borderColor="$edge"
        backgroundColor="$slip"
        flexDirection="row"
        aria-hidden
      >
        <View
          backgroundColor="$mossWash"
          style={{ width: `${(Math.min(plannedMinutes, availableMinutes) / whole) * 100}%` }}
        />
        <View backgroundColor="$clayFill" style={{ width: `${(overMinutes / whole) * 100}%` }} />
      </View>
      {done.length > 0 ? (
        <Words size="small" tone="inkSoft">
          {doneWords(day)}
        </Words>
      ) : null}
    </Column>
  )
}
