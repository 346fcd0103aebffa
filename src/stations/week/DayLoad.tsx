import { View } from '@tamagui/core'
import { Column, Words } from '@/ui'
import { count, duration, loadShort } from '@/words'
import type { DayOfWeek } from './dayOfWeek'

/** What is planned over a bar to scale: moss what fits, clay what does not. Of a day that has passed, what was done. */
export function DayLoad({ day, isPast }: { day: DayOfWeek; isPast: boolean }) {
  const { load, done, doneMinutes } = day
  const { plannedMinutes, freeMinutes, overMinutes } = load
  const doneSaid =
    done.length > 0
      ? `${count(done.length, 'done', 'done')}${doneMinutes > 0 ? `, ${duration(doneMinutes)}` : ''}`
      : null
  if (isPast)
    return (
      <Words size="small" tone="inkSoft">
        {doneSaid ?? 'nothing done'}
      </Words>
    )
  const whole = Math.max(plannedMinutes, freeMinutes, 1)
  return (
    <Column gap="$1" flexShrink={0}>
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
          style={{ width: `${(Math.min(plannedMinutes, freeMinutes) / whole) * 100}%` }}
        />
        <View backgroundColor="$clayFill" style={{ width: `${(overMinutes / whole) * 100}%` }} />
      </View>
      {doneSaid ? (
        <Words size="small" tone="inkSoft">
          {doneSaid}
        </Words>
      ) : null}
    </Column>
  )
}
