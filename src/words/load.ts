// A day’s load in words: the one place that says how much is planned and how much is left.
import { type Load } from '@/core/day'
import { count } from './counts'
import { capital, duration } from './dates'

/**
 * "3 h 55 of 5 h planned"; of a day that is partly over "1 h 30 planned, 55 min left". Nothing planned says what is
 * left.
 */
export function loadShort({ plannedMinutes, availableMinutes, withoutMinutes, isPartly }: Load): string {
  const left = isPartly ? `${duration(availableMinutes)} left` : `${duration(availableMinutes)} available`
  if (plannedMinutes === 0)
    return withoutMinutes > 0
      ? `${count(withoutMinutes, 'action')} without minutes, ${left}`
      : `nothing planned, ${left}`
  return isPartly
    ? `${duration(plannedMinutes)} planned, ${left}`
    : `${duration(plannedMinutes)} of ${duration(availableMinutes)} planned`
}

/** `loadShort` with what does not fit. */
export const loadLong = (load: Load): string =>
  `${loadShort(load)}${load.overMinutes > 0 ? `, ${duration(load.overMinutes)} too much` : ''}`

/** The day’s sentence: what is plain, what stands out, whether it fits, and what else there is to say. */
export function loadWords(load: Load): {
  plain: string
  verdict: string
  fits: boolean
  more: string
} {
  const { plannedMinutes, availableMinutes, overMinutes, withoutMinutes, doneMinutes } = load
  const isSaid = plannedMinutes === 0
  const more = [
    withoutMinutes > 0 && !isSaid ? ` ${count(withoutMinutes, 'action')} without minutes.` : '',
    doneMinutes > 0 ? ` ${duration(doneMinutes)} done.` : '',
  ].join('')
  const short = loadShort(load)
  const room = availableMinutes - plannedMinutes
  const fits = overMinutes === 0
  if (plannedMinutes === 0) return { plain: `${capital(short)}.`, verdict: '', fits, more }
  const fitting = load.isPartly ? 'it fits' : `${duration(room)} left`
  const fitted = room === 0 ? 'it just fits' : fitting
  return {
    plain: `${short}: `,
    verdict: `${fits ? fitted : `${duration(overMinutes)} too much`}.`,
    fits,
    more,
  }
}
