// How projects pass through stages.
import type { WayFigures } from '@/core/stage'
import type { Ending } from '@/core/record'
import { count } from './counts'

export const endingWords: Readonly<Record<Ending, string>> = {
  won: 'won',
  notWon: 'not won',
  parked: 'parked',
}

/** "since today", "3 days here". */
export const daysHereWords = (days: number): string =>
  days === 0 ? 'since today' : `${count(days, 'day')} here`

const within = (days: number): string => (days === 0 ? 'the same day' : `${count(days, 'day')}`)

/** "4 went on, half of them within 3 days"; null where none did. */
export const throughWords = (through: number, medianDays: number | null): string | null =>
  medianDays === null
    ? null
    : `${through.toLocaleString('en-GB')} went on, ${halfWithin(through, medianDays)}`

const halfWithin = (many: number, days: number): string =>
  many === 1 ? `in ${within(days)}` : `half of them within ${within(days)}`

/** "2 won, half of them within 21 days" */
export const wonWords = ({ won, medianDays }: Pick<WayFigures, 'won' | 'medianDays'>): string | null =>
  medianDays === null ? null : `${won.toLocaleString('en-GB')} won, ${halfWithin(won, medianDays)}`
