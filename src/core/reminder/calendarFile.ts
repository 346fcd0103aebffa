// A reminder as a calendar file: an entry with an alarm, for a device on which nothing of ours is open (RFC 5545).
import { fromMinute, type LocalMoment } from '../time'

const escaped = (text: string): string =>
  text
    .replace(/[\\;,]/g, (sign) => `\\${sign}`)
    .replace(/\r\n?|\n/g, '\\n')
    .replace(/\p{Cc}/gu, ' ')

/** How many octets a sign takes in UTF-8. */
function octetsOf(sign: string): number {
  const point = sign.codePointAt(0) ?? 0
  if (point < 0x80) return 1
  if (point < 0x800) return 2
  return point < 0x10000 ? 3 : 4
}

/** Lines are at most 75 octets; what goes on begins with a space. */
function folded(line: string): string {
  const lines: string[] = []
  let [now, octets] = ['', 0]
  for (const sign of line) {
    if (octets + octetsOf(sign) > 74) {
      lines.push(now)
      ;[now, octets] = [' ', 1]
    }
    now += sign
    octets += octetsOf(sign)
  }
  return [...lines, now].join('\r\n')
}

const utcOf = ({ date, minute }: LocalMoment): string =>
  `${date.replaceAll('-', '')}T${fromMinute(minute).replace(':', '')}00`

/** `moment` by the clock on the wall, wherever the calendar is; `uid` names it, `nowEpochMs` says when it was made. */
export function calendarFileOf(title: string, moment: LocalMoment, uid: string, nowEpochMs: number): string {
  const made = new Date(nowEpochMs).toISOString().replace(/[-:]|\.\d{3}/g, '')
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Zen Tray//EN',
    'BEGIN:VEVENT',
    `UID:${uid}@zen-tray`,
    `DTSTAMP:${made}`,
    `DTSTART:${utcOf(moment)}`,
    'DURATION:PT15M',
    `SUMMARY:${escaped(title)}`,
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    `DESCRIPTION:${escaped(title)}`,
    'TRIGGER:PT0M',
    'END:VALARM',
    'END:VEVENT',
    'END:VCALENDAR',
    '',
  ]
    .map(folded)
    .join('\r\n')
}
