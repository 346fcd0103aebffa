// People: how they are marked, what is known of them, and the texts that are sent to them.
import { ageOn, factDateOf, nextFactDate } from '@/core/person'
import type { Action, Fact, Person } from '@/core/record'
import { daysBetween, type CalendarDate } from '@/core/time'
import { count } from './counts'
import { monthShort, nearDate, shortDate } from './dates'

const isLetter = /\p{L}|\p{N}/u

/** "OM" of Oda Marsh, "Pe" of Per. */
export function initialsOf(name: string): string {
  const words = name.split(/\s+/).filter((word) => isLetter.test(word))
  const [first = '', ...rest] = words.map((word) => [...word].filter((letter) => isLetter.test(letter)))
  const last = rest.at(-1)
  const letters = last ? [first[0], last[0]] : [...first].slice(0, 2)
  return letters
    .map((letter, at) => (at === 0 || last ? letter?.toLocaleUpperCase('en-GB') : letter))
    .join('')
}

/** What a person is spoken to by. */
export const firstNameOf = (name: string): string => name.split(' ')[0] ?? name

const inWords = (days: number): string => {
  if (days === 0) return 'today'
  if (days === 1) return 'tomorrow'
  if (days < 14) return `in ${count(days, 'day')}`
  return days < 60
    ? `in ${count(Math.round(days / 7), 'week')}`
    : `in ${count(Math.round(days / 30.4), 'month')}`
}

/** "3 May · in 7 weeks", "3 May 1980 · 46 in 7 weeks"; a date that is none as it was written. */
export function factWords({ type, value }: Pick<Fact, 'type' | 'value'>, today: CalendarDate): string {
  const date = type === 'date' ? factDateOf(value) : null
  if (!date) return value
  const next = nextFactDate(date, today)
  const age = ageOn(date, next)
  const day = `${date.day} ${monthShort(next)}`
  const away = inWords(daysBetween(today, next))
  return `${day}${date.year === null ? '' : ` ${date.year}`} · ${age !== null && age > 0 ? `${age} ` : ''}${away}`
}

/** A date as it is written into a field: "3 May 1980". */
export function factWritten({ type, value }: Pick<Fact, 'type' | 'value'>, today: CalendarDate): string {
  return type === 'date' ? (factWords({ type, value }, today).split(' · ')[0] ?? value) : value
}

/** "tile maker, Marsh & Daughters" */
export const roleWords = ({ role, isFirm }: Pick<Person, 'role' | 'isFirm'>, firm: string | null): string =>
  [role, firm].filter(Boolean).join(', ') || (isFirm ? 'Firm' : '')

/** "last talk Mon 2 Mar, next on Fri 13 Mar", "no talk yet". */
export function talkWords(last: CalendarDate | null, next: CalendarDate | null, today: CalendarDate): string {
  const said = last === null ? 'no talk yet' : `last talk ${nearDate(last, today)}`
  return next === null ? said : `${said}, next ${nearDate(next, today)}`
}

const letter = (name: string, ...lines: readonly string[]): string =>
  [`Hello ${firstNameOf(name)},`, '', ...lines, ''].join('\n')

/** What is waited for, as one says it to the person: "Waiting for Oda’s quote" is the quote. */
const asked = (title: string, name: string): string => {
  const [first = ''] = name.split(' ')
  const what = title.replace(/^waiting for /i, '')
  const own = [name, first]
    .map((each) => `${each}’s `)
    .find((each) => what.replace(/'/g, '’').startsWith(each))
  const rest = what === title || !own ? what : what.slice(own.length)
  return rest.charAt(0).toLocaleUpperCase('en-GB') + rest.slice(1)
}

/** "Hello Oda, I’m still waiting for these: …": to be sent as it is, or changed first. */
export function chaseText(name: string, waiting: readonly Action[], today: CalendarDate): string {
  const lines = waiting.map(
    ({ title, waiting: held }) =>
      `- ${asked(title, name)}${held ? ` (since ${shortDate(held.since, today)})` : ''}`,
  )
  const asks = waiting.length === 1 ? 'I’m still waiting for this:' : 'I’m still waiting for these:'
  return letter(
    name,
    asks,
    ...lines,
    '',
    waiting.length === 1
      ? 'Could you tell me when I can expect it?'
      : 'Could you tell me when I can expect them?',
  )
}

/** "Hello Oda, Could you take this on? …": what is handed over, with when it is due. */
export function handOverText(name: string, handed: readonly Action[], today: CalendarDate): string {
  const lines = handed.flatMap(({ title, due, note }) => [
    `- ${title}${due ? `, by ${nearDate(due.date, today)}` : ''}`,
    ...(note.trim() === '' || note.length > 500 ? [] : [note.trim()]),
  ])
  const asks = handed.length === 1 ? 'Could you take this on?' : 'Could you take these on?'
  return letter(name, asks, ...lines, '', 'Tell me if anything is missing. Thank you.')
}
