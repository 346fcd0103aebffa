// How a question about one's own past is answered.
import type { QuestionKind } from '@/core/past/question'
import { daysBetween, type CalendarDate } from '@/core/time'
import type { PastAnswer, PastMeant } from '@/state/read/past'
import { count } from './counts'
import { capital, duration, nearDate, onDate, shortDate } from './dates'

export const questionWords: Readonly<Record<QuestionKind, string>> = {
  lastTime: 'When last',
  howLong: 'How long it took',
  done: 'What was done',
  howMuch: 'How much time',
  howMany: 'How many times',
  waiting: 'Waiting for',
  untouched: 'Projects not moved',
}

export const kindSaid = ({ kind, ofProjects }: Pick<PastMeant, 'kind' | 'ofProjects'>): string =>
  kind === 'howMany' && ofProjects ? 'How many projects' : questionWords[kind]

/** "3 weeks", "4 days", "2 months" */
export function daysLong(days: number): string {
  if (days >= 14 && days % 7 === 0) return count(days / 7, 'week')
  return days > 56 ? count(Math.round(days / 30.4), 'month') : count(Math.max(1, days), 'day')
}

/** "since Sun 1 Mar", "until Tue 31 Mar 2025", "Mon 2 Mar – Sun 8 Mar" */
export function spanSaid(
  { from, to }: { readonly from: CalendarDate; readonly to: CalendarDate },
  today: CalendarDate,
): string {
  if (from === to) return nearDate(from, today)
  if (to === today) return `since ${shortDate(from, today)}`
  if (from.startsWith('1970')) return `until ${shortDate(to, today)}`
  return `${shortDate(from, today)} – ${shortDate(to, today)}`
}

const agoSaid = (on: CalendarDate, today: CalendarDate): string => {
  const days = daysBetween(on, today)
  return days > 1 ? `, ${daysLong(days)} ago` : ''
}

/** Of a project: "3 weeks, Mon 2 Feb – Fri 20 Feb. 12 h 30 done." Of an action: "Thu 5 Mar: 40 min." */
function tookSaid(answer: PastAnswer, today: CalendarDate): string {
  const { took, goesOn, minutes, estimatedMinutes, total, places, usualMinutes } = answer
  if (!took) return ''
  const [place] = places
  const days = daysLong(daysBetween(took.from, took.to) + 1)
  if (place?.id.startsWith('project:')) {
    const done = minutes > 0 ? `${duration(minutes)} done` : 'Nothing timed'
    if (goesOn) return `Not finished yet. ${done} since ${shortDate(took.from, today)}.`
    return `${days}, ${shortDate(took.from, today)} – ${shortDate(took.to, today)}. ${done}.`
  }
  const last = `The last time, ${nearDate(took.to, today)}`
  if (!place?.minutes) return `${last}: no minutes are kept. It was on your lists for ${days}.`
  const estimated = estimatedMinutes === minutes ? ', estimated' : ''
  const usual =
    usualMinutes === null ? '' : ` Usually ${duration(usualMinutes)}, over ${count(total, 'time')}.`
  return `${last}: ${duration(place.minutes)}${estimated}.${usual}`
}

const estimatedSaid = ({ minutes, estimatedMinutes }: PastAnswer): string => {
  if (estimatedMinutes === 0 || minutes === 0) return ''
  return estimatedMinutes === minutes
    ? 'All of it is estimated.'
    : `${duration(estimatedMinutes)} of it is estimated.`
}

/** The answer in a sentence or two. */
export function answerSaid(question: PastMeant, answer: PastAnswer, today: CalendarDate): string {
  const { total, outcomes, minutes, places } = answer
  const [first] = places
  switch (question.kind) {
    case 'lastTime': {
      if (!first) return 'Nothing you ticked is about that.'
      const last = `${capital(onDate(first.on, today))}${agoSaid(first.on, today)}.`
      return total > 1 ? `${last} Done ${count(total, 'time')} in all.` : last
    }
    case 'howLong':
      return first ? tookSaid(answer, today) : 'Nothing you ticked is about that.'
    case 'done':
    case 'howMuch': {
      if (total === 0) return 'Nothing was done.'
      const done = count(outcomes, 'action')
      if (minutes === 0) return `${capital(done)} done. No minutes are kept.`
      return [`${duration(minutes)} in ${done}.`, estimatedSaid(answer)].filter(Boolean).join(' ')
    }
    case 'howMany':
      if (question.ofProjects)
        return total === 0 ? 'No project was finished.' : `${count(total, 'project')} finished.`
      if (total === 0) return 'Never.'
      return question.about === '' ? `${count(outcomes, 'action')} done.` : `${count(total, 'time')}.`
    case 'waiting':
      if (!first) return 'You aren’t waiting for anything like that.'
      return `${count(total, 'action')} waiting, the oldest since ${shortDate(first.on, today)}.`
    case 'untouched': {
      const long = daysLong(question.days ?? 0)
      return total === 0
        ? `Something was done in every project in the last ${long}.`
        : `${count(total, 'project')} with nothing done for ${long} or longer.`
    }
  }
}

const beforeDay: Readonly<Partial<Record<QuestionKind, string>>> = {
  waiting: 'since ',
  untouched: 'last moved ',
}

/** What is said of each of the places: "Tue 3 Mar · 45 min". */
export const placeSaid = (
  { kind }: PastMeant,
  { goesOn }: PastAnswer,
  { on, minutes }: PastAnswer['places'][number],
  today: CalendarDate,
): string =>
  [`${goesOn ? 'since ' : (beforeDay[kind] ?? '')}${nearDate(on, today)}`, minutes ? duration(minutes) : null]
    .filter(Boolean)
    .join(' · ')

/** What is listed below the answer, where that needs words. */
export function shownSaid({ near, places, total }: PastAnswer): string {
  if (near.length > 0) return 'Nearest:'
  return total > places.length ? `Showing ${places.length} of ${total}.` : ''
}

export const pastWords = {
  looking: 'Looking…',
  cannot: 'Search can’t answer that. Try one of these:',
  anyDay: 'any day',
  anybody: 'anybody, anything',
} as const
