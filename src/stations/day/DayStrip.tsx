// The next seven days with what each already holds: where something goes that is not for today.
import { Link } from 'expo-router'
import { loadOf } from '@/core/day'
import { addDays } from '@/core/time'
import { lists, select } from '@/state'
import { useHeldDocument, useToday } from '@/held/zen'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { Unseen } from '@/ui'
import { duration, weekdayShort } from '@/words'

const ahead = [1, 2, 3, 4, 5, 6, 7]

export function DayStrip() {
  const document = useHeldDocument()
  const today = useToday()
  return (
    <nav className="day-strip" aria-label="The next seven days">
      {ahead.map((days) => {
        const date = addDays(today, days)
        const load = loadOf(lists.actionsOfDay(document, date, today), select.freeMinutesOn(document, date))
        const whole = Math.max(load.plannedMinutes, load.freeMinutes, 1)
        const fits = Math.min(load.plannedMinutes, load.freeMinutes)
        const said = `${duration(load.plannedMinutes)} of ${duration(load.freeMinutes)} planned`
        return (
          <DropPlace key={date} place={{ kind: 'day', date }} className="day-cell">
            <Link href="/week">
              <span>
                {weekdayShort(date)}
                <Unseen>{`, ${said}`}</Unseen>
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
