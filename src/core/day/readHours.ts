// The hours of a day as people write them: "9 to 12:30, 13:15 to 18", "8-17", "off".
import { joined, type Interval } from './busy'

const clockForm = /^(\d{1,2})(?:[:.h](\d{2}))?(?: ?(am|pm))?$/
const offForm = /^(?:off|none|no|free|closed|-|–|nothing)?$/
const toForm = /\s*(?:-|–|—|\bto\b|\buntil\b|\btill\b)\s*/

interface Clock {
  readonly minute: number
  /** Whether it may be meant for the afternoon: "5", and not "05:00" or "5 am". */
  readonly isOpen: boolean
}

function readClock(text: string): Clock | null {
  if (text === 'noon') return { minute: 720, isOpen: false }
  if (text === 'midnight') return { minute: 1440, isOpen: false }
  const [, hours, minutes = '0', half] = clockForm.exec(text) ?? []
  if (hours === undefined) return null
  const [hour, rest] = [Number(hours), Number(minutes)]
  if (rest > 59 || (half ? hour < 1 || hour > 12 : hour > 24)) return null
  const minute = (half ? (hour % 12) + (half === 'pm' ? 12 : 0) : hour) * 60 + rest
  return minute > 1440 ? null : { minute, isOpen: !half && !hours.startsWith('0') && hour <= 12 }
}

/** "9 to 5" ends in the afternoon. */
function readSpan(text: string): Interval | null {
  const [from, to, more] = text.split(toForm).map((part) => readClock(part.trim()))
  if (!from || !to || more !== undefined) return null
  const until = to.minute <= from.minute && to.isOpen ? to.minute + 720 : to.minute
  return until > from.minute && until <= 1440 ? { from: from.minute, to: until } : null
}

/** Hours as they are written, joined and in order; none for "off". Null where they cannot be read. */
export function readHours(text: string): Interval[] | null {
  const said = text.trim().toLowerCase().replace(/\s+/g, ' ')
  if (offForm.test(said)) return []
  const spans = said.split(/\s*(?:,|;|\/|\+|&|\band\b)\s*/).map(readSpan)
  return spans.some((span) => span === null) ? null : joined(spans as Interval[])
}
