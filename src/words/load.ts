// A day’s load in words.
import { type Load } from '@/core/day'
import { duration } from './dates'

/** The gauge in words: [what is plain, what stands out, whether it fits]. */
export function loadWords({ plannedMinutes, freeMinutes, overMinutes, withoutMinutes }: Load): {
  plain: string
  verdict: string
  fits: boolean
} {
  const unknown =
    withoutMinutes > 0
      ? ` ${withoutMinutes === 1 ? 'One has' : `${withoutMinutes} have`} no minutes yet.`
      : ''
  if (plannedMinutes === 0)
    return {
      plain: `Nothing planned, ${duration(freeMinutes)} available.${unknown}`,
      verdict: '',
      fits: true,
    }
  const plain = `${duration(plannedMinutes)} of ${duration(freeMinutes)} planned: `
  if (overMinutes > 0) return { plain, verdict: `${duration(overMinutes)} too much.${unknown}`, fits: false }
  return {
    plain,
    verdict: `${freeMinutes === plannedMinutes ? 'it just fits' : `${duration(freeMinutes - plannedMinutes)} left`}.${unknown}`,
    fits: true,
  }
}
