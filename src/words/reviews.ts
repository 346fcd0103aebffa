// How reviews speak: their parts, their questions, and the time each looks back on.
import type { QuestionName, StoneName } from '@/core/review/stones'
import type { Review, ReviewRhythm } from '@/core/record'
import { addMonths, isoWeekOf, type CalendarDate } from '@/core/time'
import { count } from './counts'
import { duration, monthShort, monthWords, shortDate } from './dates'

export const reviewWords: Readonly<Record<ReviewRhythm, string>> = {
  week: 'Weekly review',
  month: 'Month review',
  quarter: 'Quarter review',
  year: 'Year review',
}

/** "Jan–Mar 2026", of its first day */
export const quarterWords = (first: CalendarDate): string =>
  `${monthShort(first)}–${monthShort(addMonths(first, 2))} ${first.slice(0, 4)}`

/** "Week 11", "March 2026", "Jan–Mar 2026", "2026": what a review looks back on. */
export function periodWords({ rhythm, periodFrom }: Pick<Review, 'rhythm' | 'periodFrom'>): string {
  switch (rhythm) {
    case 'week':
      return `Week ${isoWeekOf(periodFrom)}`
    case 'month':
      return monthWords(periodFrom)
    case 'quarter':
      return quarterWords(periodFrom)
    case 'year':
      return periodFrom.slice(0, 4)
  }
}

export const stoneWords: Readonly<Record<StoneName, string>> = {
  tray: 'Tray',
  box: 'Review box',
  behind: 'Meetings',
  ahead: 'Ahead',
  notDone: 'Not done',
  waiting: 'Waiting',
  projects: 'Projects',
  areas: 'Areas',
  goals: 'Goals',
  someday: 'Someday',
  order: 'Order',
  done: 'Done',
  aims: 'Aims',
  finished: 'Finished',
  habits: 'Habits',
  stopped: 'Stopped',
  learned: 'Learned',
  proud: 'Proud of',
  next: 'What matters',
}

const spanWords = { week: 'week', month: 'month', quarter: 'quarter', year: 'year' } as const

const questions: Readonly<Record<QuestionName, (span: string) => string>> = {
  stopped: (span) => `What did you stop this ${span}, or want to stop?`,
  learned: (span) => `What did you learn this ${span}?`,
  proud: (span) => `What are you proud of this ${span}?`,
  next: (span) => `What matters most next ${span}?`,
}

/** A question that comes with the program; null for a part that asks none. */
export const questionWords = (rhythm: ReviewRhythm, name: string): string | null =>
  Object.hasOwn(questions, name) ? questions[name as QuestionName](spanWords[rhythm]) : null

/** What a part is called on the way; an own question is one word. */
export const stoneLabel = (key: string): string =>
  Object.hasOwn(stoneWords, key) ? stoneWords[key as StoneName] : 'Question'

/** What each part of the week counts, for *last time*. */
const metWords: Readonly<Partial<Record<StoneName, (many: number) => string>>> = {
  tray: (many) => count(many, 'slip'),
  box: (many) => count(many, 'thing'),
  behind: (many) => count(many, 'meeting'),
  ahead: (many) => `${many} ahead`,
  notDone: (many) => `${many} not done`,
  waiting: (many) => `${many} waiting`,
  projects: (many) => count(many, 'project'),
  areas: (many) => count(many, 'area'),
  goals: (many) => count(many, 'goal'),
  someday: (many) => `${many} for someday or later`,
}

/** "Last time, 4 Mar: 12 slips." Null where nothing is known of it. */
export function lastTimeWords(
  key: string,
  last: Pick<Review, 'met'> | undefined,
  on: CalendarDate | null,
  today: CalendarDate,
): string | null {
  const many = last?.met[key]
  const words = metWords[key as StoneName]
  if (many === undefined || !words || !on) return null
  return `Last time, ${shortDate(on, today)}: ${words(many)}.`
}

/** "18 min: Tray 6, Projects 9, Waiting 3"; null where less than a minute was counted. */
export function spentWords(
  spentMs: Readonly<Record<string, number>>,
  keys: readonly string[],
): string | null {
  const minutesOf = (key: string) => Math.round((spentMs[key] ?? 0) / 60_000)
  const parts = [...new Set([...keys, ...Object.keys(spentMs)])].filter((key) => minutesOf(key) > 0)
  const all = Math.round(Object.values(spentMs).reduce((sum, ms) => sum + ms, 0) / 60_000)
  if (all === 0) return null
  if (parts.length < 2) return duration(all)
  return `${duration(all)}: ${parts.map((key) => `${stoneLabel(key)} ${minutesOf(key)}`).join(', ')}`
}
