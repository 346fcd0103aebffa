// The next seven days with what each already holds: where something goes that is not for today.
import { Link } from 'expo-router'
import { addDays } from '@/core/time'
import { useLoads } from '@/held/useLoads'
import { useToday } from '@/held/zen'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { Unseen } from '@/ui'
import { loadShort, weekdayShort } from '@/words'

const ahead = [1, 2, 3, 4, 5, 6, 7]

export function DayStrip() {
  const loadOn = useLoads()
  const today = useToday()
  return (
    <nav className="day-strip" aria-label="The next seven days">
      {ahead.map((days) => {
        const date = addDays(today, days)
        const load = loadOn(date)
        const whole = Math.max(load.plannedMinutes, load.availableMinutes, 1)
        const fits = Math.min(load.plannedMinutes, load.availableMinutes)
        return (
          <DropPlace key={date} place={{ kind: 'day', date }} className="day-cell">
            <Link href="/week">
              <span>
                {weekdayShort(date)}
                <Unseen>{`, ${loadShort(load)}`}</Unseen>
              </span>
              <span className="fill" aria-hidden>
                <span className="fits" style={{ width: `${(fits / whole) * 100}%` }} />
                <span className="over" style={{ width: `${(load.overMinutes / whole) * 100}%` }} />
              </span>
            </Link>
          </DropPlace>
        )
      })}
    </nav>
  )
}
