// Whether it all fits, in words.
import type { Fit, FitPoint, MendingWay, Promised } from '@/core/fit'
import { recordIn, type Document } from '@/core/journal'
import type { Id } from '@/core/record'
import { fromMinute, type CalendarDate } from '@/core/time'
import { count } from './counts'
import { duration, nearDate, onDate } from './dates'
import { nameOfRecord, shortened } from './names'

type Named = Id<'action'> | Id<'project'>
export const promisedTitle = (document: Document, id: string): string => nameOfRecord(document, id as Named)

export interface FitSentence {
  /** "Everything due fits until Thu 26 Mar." */
  readonly fits: string
  /** "Fenwick Hall echo report is 2 h 10 short."; empty where all of it fits. */
  readonly short: string
}

/** Up to when nothing breaks: a day, or a time of the day on which something does; null where the first of all does. */
function fitsUntil({ points, firstBreak }: Fit, today: CalendarDate): string | null {
  const at = firstBreak ? points.indexOf(firstBreak) : points.length
  const date = firstBreak?.promised.date
  const last = points
    .slice(0, at)
    .findLast(({ promised }) => promised.date !== date || promised.minute < 1440)?.promised
  if (!last) return null
  const day = nearDate(last.date, today)
  return last.date === date ? `${day}, ${fromMinute(last.minute)}` : day
}

export function fitSentence(fit: Fit, document: Document, today: CalendarDate): FitSentence {
  const { points, firstBreak, broken } = fit
  if (points.length === 0) return { fits: 'Nothing has a due date.', short: '' }
  if (!firstBreak) return { fits: 'Everything due fits.', short: '' }
  const until = fitsUntil(fit, today)
  const title = shortened(promisedTitle(document, firstBreak.promised.id))
  const more = broken > 1 ? `, and ${count(broken - 1, 'other')} with it` : ''
  return {
    fits: until ? `Everything due fits until ${until}.` : '',
    short: `${title} is ${duration(firstBreak.shortMinutes)} short${more}.`,
  }
}

/** "Fri 13 Mar · 6 h of 9 h": all that is due by then, and all there is before. */
export const pointWords = (
  { promised: { date }, promisedMinutes, availableMinutes }: FitPoint,
  today: CalendarDate,
): string =>
  `${date < today ? 'overdue' : nearDate(date, today)} · ${duration(promisedMinutes)} of ${duration(availableMinutes)}`

export interface WayWords {
  readonly does: string
  readonly gives: string
}

const mendsWords = (mends: number): string => (mends > 1 ? `mends ${mends}` : 'breaks nothing')

export function fitWayWords(way: MendingWay, document: Document, today: CalendarDate): WayWords {
  const title = (id: string) => shortened(promisedTitle(document, id))
  const frees = `frees ${duration(way.frees)}, ${mendsWords(way.mends)}`
  switch (way.kind) {
    case 'moveCoulds':
      return {
        does: `Make ${way.ids.length === 1 ? title(way.ids[0] as string) : `${way.ids.length} that could be done`} due ${onDate(way.to, today)}`,
        gives: `could, not must: ${frees}`,
      }
    case 'handOver':
      return { does: `Hand over ${title(way.id)}`, gives: frees }
    case 'shorten':
      return { does: `Do ${title(way.id)} in ${duration(way.minutes)}`, gives: frees }
    case 'addMinutes':
      return {
        does: `${duration(way.minutes)} more ${onDate(way.date, today)}`,
        gives: mendsWords(way.mends),
      }
    case 'moveDue': {
      const isThere = recordIn(document, way.id as Named) !== undefined
      return {
        does: `Promise ${isThere ? title(way.id) : 'it'} for ${nearDate(way.to, today)}`,
        gives: mendsWords(way.mends),
      }
    }
  }
}

export const guessedWords = (guessed: number, usualMinutes: number): string =>
  `${count(guessed, 'action')} without minutes ${guessed === 1 ? 'is' : 'are'} counted as ${duration(usualMinutes)} each, as most of yours take.`

/** "It does not fit by then.", "With it, the bakery report does not fit any longer. See what would mend it." */
export function breaksWords(broken: readonly Promised[], id: string, document: Document): string {
  const others = broken.filter((each) => each.id !== id)
  const own = others.length < broken.length ? ['It does not fit by then.'] : []
  const [first, ...more] = others
  if (!first) return [...own, 'See what would mend it'].join(' ')
  const named = shortened(promisedTitle(document, first.id))
  const rest = more.length > 0 ? ` and ${count(more.length, 'other')}` : ''
  return [
    ...own,
    `With it, ${named}${rest} ${more.length > 0 ? 'do' : 'does'} not fit any longer.`,
    'See what would mend it',
  ].join(' ')
}
