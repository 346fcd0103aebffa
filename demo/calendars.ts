// The calendars the made-up person reads: the diary a client shares, and public holidays. Both come from the server's
// stand-ins.
import { standInPath } from '@/core/calendar/feed'
import type { Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import type { Play } from './play'

export const readCalendars = (play: Play, today: CalendarDate): void =>
  play.at(addDays(today, -20), 495, (player) => {
    const hall = player.run('addCalendar', { name: 'Fenwick Hall', link: `${standInPath}client.ics` })
    player.run('editCalendar', { id: hall as Id<'calendar'>, patch: { side: 'work' } })
    player.run('addCalendar', {
      name: 'Public holidays',
      link: `${standInPath}holidays.ics`,
      isFree: true,
    })
  })
