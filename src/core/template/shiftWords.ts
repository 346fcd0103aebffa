// How a counted date is said: "14 days before", "next working day after", "first monday after".
import type { Shift } from '../record'

export const weekdays = [
  'monday',
  'tuesday',
  'wednesday',
  'thursday',
  'friday',
  'saturday',
  'sunday',
] as const
export const ordinals = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'] as const

const count = (number: number, one: string): string => (number === 1 ? `1 ${one}` : `${number} ${one}s`)

/** "14 days before", to be followed by what it is counted from; "on" for the day itself. */
export function shiftWords(shift: Shift): string {
  const { steps } = shift
  const far = Math.abs(steps)
  const side = steps < 0 ? 'before' : 'after'
  if (steps === 0) return 'on'
  switch (shift.by) {
    case 'days':
      return far % 7 === 0 ? `${count(far / 7, 'week')} ${side}` : `${count(far, 'day')} ${side}`
    case 'months':
      return `${count(far, 'month')} ${side}`
    case 'workdays':
      if (far === 1) return `${steps < 0 ? 'last' : 'next'} working day ${side}`
      return `${count(far, 'working day')} ${side}`
    case 'weekday':
      return `${ordinals[far - 1] ?? `${far}th`} ${weekdays[shift.weekday] ?? 'monday'} ${side}`
  }
}
