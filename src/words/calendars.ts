// Calendars that come from elsewhere: how they were read, and what was not.
import { mostEvents } from '@/core/calendar/limits'
import { calendarLimitBytes, type CalendarFault, type LeftOutOfCalendar } from '@/core/calendar'
import type { FeedFault } from '@/core/calendar/feed'
import { assertNever } from '@/core/invariant'
import { count } from './counts'
import { refusalWords } from './refusals'

const limit = `${calendarLimitBytes / 1_000_000} MB`

/** What went wrong with a calendar, and what to do. */
export function calendarFaultWords(
  fault: FeedFault | CalendarFault | { readonly kind: 'noRoom' | 'fileGone' },
): string {
  switch (fault.kind) {
    case 'badLink':
      return refusalWords({ kind: 'badLink' })
    case 'notPublic':
      return 'This link leads into a private network or to this machine. Only links on the public web can be read.'
    case 'notFound':
      return 'Nothing is at this link any longer. Ask for a new one, then change it here.'
    case 'needsSignIn':
      return 'This link needs a sign-in. Ask for the private or secret link of the calendar.'
    case 'refused':
      return `The calendar’s server answered with an error (${fault.status}). It is tried again later.`
    case 'unreachable':
      return 'The calendar’s server cannot be reached. Check the link and your connection. It is tried again later.'
    case 'tooSlow':
      return 'The calendar’s server took longer than 20 seconds. It is tried again later.'
    case 'tooLarge':
      return `This calendar is larger than ${limit}, the most that can be read. Choose a shorter period where you export it.`
    case 'tooManyRedirects':
      return 'The link leads from one place to the next without end. Ask for a new one.'
    case 'tooOften':
      return 'It was read too often. Try again in a minute.'
    case 'webPage':
      return 'This is a web page, not a calendar. Look there for a link that ends in .ics.'
    case 'noCalendar':
      return 'There is no calendar in this. Choose a file that ends in .ics, or a link to one.'
    case 'noRoom':
      return 'This browser has no room for it. It is shown now, but will be missing without a connection.'
    case 'fileGone':
      return 'Its file is not on this device. Import it again.'
    default:
      return assertNever(fault)
  }
}

/** What of a calendar is not shown; empty where all of it is. */
export function calendarLeftWords({ broken, tooOften, cut, tooMany, own, zones }: LeftOutOfCalendar): string {
  const said = [
    broken + cut > 0 ? `${count(broken + cut, 'event')} cannot be read.` : '',
    tooOften > 0
      ? `${count(tooOften, 'event')} ${tooOften === 1 ? 'repeats' : 'repeat'} too often to show.`
      : '',
    own > 0 ? `${count(own, 'entry', 'entries')} of your own actions left out: you see them already.` : '',
    tooMany > 0 ? `Only the first ${mostEvents.toLocaleString('en-GB')} events are shown.` : '',
    zones.length > 0
      ? `I don’t know the time zone ${zones.slice(0, 3).join(', ')}: those times are shown as written.`
      : '',
  ]
  return said.filter(Boolean).join(' ')
}
