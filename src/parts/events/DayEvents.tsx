// What a station shows of the events of a day: nothing, and nothing loads, until there are some.
import { lazy, Suspense } from 'react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { CalendarDate } from '@/core/time'

const EventRows = lazy(() => import('./EventRows').then((module) => ({ default: module.EventRows })))

export function DayEvents(props: {
  events: readonly ShownEvent[]
  date: CalendarDate
  label: string
  isSmall?: boolean
}) {
  return props.events.length === 0 ? null : (
    <Suspense fallback={null}>
      <EventRows {...props} />
    </Suspense>
  )
}
