import { View } from '@tamagui/core'
import type { Load } from '@/core/day'
import { Column, Words } from '@/ui'
import { duration } from '@/words'

/** "3 h of 5 h" over a bar to scale: moss what fits, clay what does not. */
export function DayLoad({ load }: { load: Load }) {
  const { plannedMinutes, freeMinutes, overMinutes } = load
  const whole = Math.max(plannedMinutes, freeMinutes, 1)
  return (
    <Column gap="$1" flexShrink={0}>
      <Words size="small" tone={overMinutes > 0 ? 'clay' : 'inkSoft'}>
        {duration(plannedMinutes)} of {duration(freeMinutes)}
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
    </Column>
  )
}
