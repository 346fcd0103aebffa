import type { Load } from '@/core/day'

/** How full a day is, to scale: moss what fits, clay what does not. What it says is read beside it. */
export function Fullness({ load: { plannedMinutes, availableMinutes, overMinutes } }: { load: Load }) {
  const whole = Math.max(plannedMinutes, availableMinutes, 1)
  const share = (minutes: number) => ({ width: `${(Math.max(0, minutes) / whole) * 100}%` })
  return (
    <span className="fullness" aria-hidden>
      <span className="fits" style={share(plannedMinutes - overMinutes)} />
      <span className="over" style={share(overMinutes)} />
    </span>
  )
}
