// How a counted date is read: "14 days before", "next working day after", "first monday after".
import type { Shift } from '../record'
import { ordinals, weekdays } from './shiftWords'

const numbers = ['a', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'] as const

const numberSaid = (said: string): number | null => {
  if (/^\d{1,4}$/.test(said)) return Number(said)
  const at = (numbers as readonly string[]).indexOf(said === 'an' || said === 'one' ? 'a' : said)
  return at < 0 ? null : at + 1
}

/**
 * Reads how far a date is from another; null where the words say nothing of the kind. What follows them is left over.
 */
export function readShift(text: string): { readonly shift: Shift; readonly rest: string } | null {
  const said = text.toLowerCase().replace(/\s+/g, ' ').trim()
  const same = /^(?:on|the day of|on the day of)(?: (.*))?$/.exec(said)
  if (same) return { shift: { by: 'days', steps: 0 }, rest: same[1] ?? '' }
  const found = /^(.+?) (before|after)(?: (.*))?$/.exec(said)
  if (!found) return null
  const [, how = '', side, rest = ''] = found
  const sign = side === 'before' ? -1 : 1
  if (/^(?:the )?(?:day|next day|last day)$/.test(how)) return { shift: { by: 'days', steps: sign }, rest }
  if (/^(?:the )?(?:next|last|first) working day$/.test(how))
    return { shift: { by: 'workdays', steps: sign }, rest }
  const nth = /^(?:the )?(\w+) (\w+)$/.exec(how)
  const weekday = nth ? weekdays.findIndex((name) => name === nth[2] || name.slice(0, 3) === nth[2]) : -1
  const which =
    nth?.[1] === 'next' || nth?.[1] === 'last' ? 0 : (ordinals as readonly string[]).indexOf(nth?.[1] ?? '')
  if (weekday >= 0 && which >= 0)
    return { shift: { by: 'weekday', weekday, steps: sign * (which + 1) }, rest }
  const many = /^(\w+) (day|week|month|working day)s?$/.exec(how)
  const number = many ? numberSaid(many[1] ?? '') : null
  if (!many || number === null) return null
  const shift: Shift = {
    day: { by: 'days', steps: sign * number } as const,
    week: { by: 'days', steps: sign * number * 7 } as const,
    month: { by: 'months', steps: sign * number } as const,
    'working day': { by: 'workdays', steps: sign * number } as const,
  }[many[2] as 'day' | 'week' | 'month' | 'working day']
  return Math.abs(shift.steps) <= farthest[shift.by] ? { shift, rest } : null
}

/** The farthest that can be counted, in its own steps. */
export const farthest = { days: 3660, workdays: 1000, months: 240, weekday: 60 } as const
