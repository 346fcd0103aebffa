import type { Load } from '@/core/day'

interface FullnessProps {
  readonly load: Load
  readonly isTall?: boolean
}

/** How full a day is, to scale: moss what fits, clay what does not. What it says is read beside it. */
export function Fullness({ load, isTall = false }: FullnessProps) {
  const { plannedMinutes, availableMinutes, overMinutes } = load
  const whole = Math.max(plannedMinutes, availableMinutes, 1)
  const share = (minutes: number) => ({ width: `${(minutes / whole) * 100}%` })
  return (
    <span className={isTall ? 'fullness tall' : 'fullness'} aria-hidden>
      <span className="fits" style={share(Math.min(plannedMinutes, availableMinutes))} />
      <span className="over" style={share(overMinutes)} />
    </span>
  )
}
