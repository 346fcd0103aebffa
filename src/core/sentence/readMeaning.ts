// What a run of words means on its own, and how sure that is without its neighbours.
import { energies, kindOf, weights, type Energy, type Level, type Weight } from '../record'
import { addDays, type CalendarDate } from '../time'
import type { Guess, Meaning, Name, NameKind } from './clause'
import { guessOfDate, mayBeDate, monthPattern, readDate, type Calendar } from './datePhrase'
import { readLength } from './lengthPhrase'
import { readDayAndTime, readDueMoment, readFromNow } from './momentPhrase'
import type { NameIndex } from './nameIndex'
import { readReminder } from './reminderPhrase'
import { readRepeat, readTimes, readUntil } from './repeatPhrase'
import { readBareHour, readSpan, readSpokenTime, readTime, type Span } from './timePhrase'

export interface Reading {
  readonly meaning: Meaning
  /** A weak reading counts only after a comma or right behind another clause: "light" in "…, 20 min, light". */
  readonly weak: boolean
  readonly inTitle: boolean
  readonly guess: Guess | null
}

const strong = (meaning: Meaning, guess: Guess | null = null): Reading => ({
  meaning,
  weak: false,
  inTitle: false,
  guess,
})
const weak = (meaning: Meaning, guess: Guess | null = null): Reading => ({
  ...strong(meaning, guess),
  weak: true,
})

const dueForm = /^(?:by|due by|due on|due|no later than|deadline|at the latest by) (.+)$/
const endOfDay = /^(?:the )?(?:end of (?:the )?(?:day|business)|eod|cob|close of (?:play|business))$/
/**
 * "by 15.12" is the fifteenth of December: behind these words two numbers with a dot are a day, wherever they can be
 * one.
 */
const dottedDay = /^\d{1,2}\.(?:0?[1-9]|1[0-2])$/

function readDue(phrase: string, calendar: Calendar): Reading | null {
  const within = /^within (.+)$/.exec(phrase)?.[1]
  const distance = within ? readDate(`in ${within}`, calendar) : null
  if (distance) return strong({ kind: 'due', date: distance, time: null })
  const said = dueForm.exec(phrase)?.[1]
  if (!said) return null
  if (endOfDay.test(said)) return strong({ kind: 'due', date: calendar.today, time: null })
  const dotted = dottedDay.test(said) ? readDate(`${said}.`, calendar) : null
  if (dotted) return strong({ kind: 'due', date: dotted, time: null })
  // "by half nine" and "by 5" alone may be a person or a count: a clock has to be plain there.
  const onlyTime = readTime(said)
  if (onlyTime) return strong({ kind: 'due', date: calendar.today, time: onlyTime })
  const spoken = readSpokenTime(said)
  if (spoken) return strong({ kind: 'due', date: calendar.today, time: spoken.time }, spoken.guess)
  if (readBareHour(said)) return null
  const when = readDueMoment(said, calendar)
  return when && strong({ kind: 'due', date: when.date, time: when.time }, when.guess)
}

/** "before friday" is by the day before. */
function readBefore(phrase: string, calendar: Calendar): Reading | null {
  const said = /^before (.+)$/.exec(phrase)?.[1]
  const time = said ? readTime(said) : null
  if (time) return strong({ kind: 'due', date: calendar.today, time })
  const both = said ? readDayAndTime(said, calendar) : null
  if (both) return strong({ kind: 'due', date: both.date, time: both.time }, both.guess)
  const date = said && mayBeDate(said) ? readDate(said, calendar) : null
  return date && date > calendar.today
    ? strong({ kind: 'due', date: addDays(date, -1), time: null }, 'dayBefore')
    : null
}

function readSpanned(phrase: string, calendar: Calendar): Reading | null {
  if (!/\d/.test(phrase)) return null
  const bare = phrase.replace(/^(?:on|at) /, '')
  const spanned = ({ isBare, ...span }: Span, date: CalendarDate | null, day: string) =>
    strong({ kind: 'at', date, ...span }, isBare ? 'bareHour' : guessOfDate(day))
  const whole = readSpan(bare)
  if (whole) return spanned(whole, null, '')
  const words = bare.split(' ')
  for (let at = 1; at < words.length; at++) {
    const [head, tail] = [words.slice(0, at).join(' '), words.slice(at).join(' ')]
    const ahead = readSpan(head, true)
    const behind = ahead ? null : readSpan(tail, true)
    const span = ahead ?? behind
    const day = ahead ? tail.replace(/^on /, '') : head
    const date = span && mayBeDate(day) ? readDate(day, calendar) : null
    if (span && date) return spanned(span, date, day)
  }
  return null
}

function readAt(phrase: string, calendar: Calendar): Reading | null {
  const said = /^at (.+)$/.exec(phrase)?.[1]
  const time = said ? readTime(said) : null
  if (time) return strong({ kind: 'at', date: null, time })
  const spoken = said ? readSpokenTime(said) : null
  if (spoken) return strong({ kind: 'at', date: null, time: spoken.time }, spoken.guess)
  const bareHour = said ? readBareHour(said) : null
  if (bareHour) return weak({ kind: 'at', date: null, time: bareHour.time }, bareHour.guess)
  // A clock time with its colon, or its half of the day, needs no "at".
  const plain = /^\d{1,2}:\d{2}$|^\d{1,2}(?:[:.]\d{2})? ?[ap]m$/.test(phrase) ? readTime(phrase) : null
  if (plain) return strong({ kind: 'at', date: null, time: plain }, 'loose')
  const both = readDayAndTime(phrase.replace(/^on /, ''), calendar) ?? readFromNow(phrase, calendar)
  return both?.time ? strong({ kind: 'at', date: both.date, time: both.time }, both.guess) : null
}

const datedForms = [
  [/^(?:not (?:before|until)|hide until|hidden until) (.+)$/, 'notBefore', false],
  [/^since (.+)$/, 'since', true],
  [/^chase(?: up)?(?: on)? (.+)$/, 'chase', false],
] as const

/** "not before May" is its first day. */
const monthAlone = (kind: string, said: string, calendar: Calendar): CalendarDate | null =>
  kind === 'notBefore' && wholeMonth.test(said) ? readDate(`start of ${said}`, calendar) : null
const wholeMonth = new RegExp(`^${monthPattern}$`)

function readDated(phrase: string, calendar: Calendar): Reading | null {
  for (const [form, kind, past] of datedForms) {
    const said = form.exec(phrase)?.[1]
    const date = said
      ? (readDate(past ? said.replace(/^last /, '') : said, calendar, past) ??
        monthAlone(kind, said, calendar))
      : null
    if (date) return strong({ kind, date }, guessOfDate(said as string))
  }
  return (
    readDue(phrase, calendar) ??
    readBefore(phrase, calendar) ??
    readAt(phrase, calendar) ??
    readSpanned(phrase, calendar)
  )
}

/** Words that mean a day only where nothing else claims them: "the 3rd", and "sat", "sun", "wed". */
const isOnlyPerhapsADay = /^(?:the \d|(?:sat|sun|wed)$)/
/** Words that are mostly a day, and now and then part of the title: "in a week", "25/3". */
const isLooselyADay = /^(?:in |\d)/

function readDay(phrase: string, calendar: Calendar): Reading | null {
  const bare = phrase.replace(/^(?:on|at) (?!\d{1,2}$)/, '')
  if (!mayBeDate(bare) || (phrase.startsWith('at ') && !/ (?:end|start|beginning|weekend)\b/.test(phrase)))
    return null
  const isDotted = phrase.startsWith('on ') && dottedDay.test(bare)
  const date = isDotted ? readDate(`${bare}.`, calendar) : readDate(bare, calendar)
  if (!date) return null
  const meaning = { kind: 'day', date } as const
  if (bare !== phrase) return strong(meaning, guessOfDate(bare))
  if (isOnlyPerhapsADay.test(bare)) return weak(meaning)
  const isIso = /^\d{4}-/.test(bare)
  return strong(meaning, guessOfDate(bare) ?? (isLooselyADay.test(bare) && !isIso ? 'loose' : null))
}

function readComingBack(phrase: string, calendar: Calendar): Reading | null {
  const repeat = readRepeat(phrase, calendar)
  if (repeat) {
    const { rule, fromDone, at } = repeat
    return strong({ kind: 'repeat', rule, fromDone, time: at?.time ?? null }, at?.guess ?? null)
  }
  const times = readTimes(phrase)
  if (times) return strong({ kind: 'times', times })
  const until = /^(?:until|till) (.+)$/.exec(phrase)?.[1]
  const date = until ? readUntil(until, calendar) : null
  if (date) return strong({ kind: 'until', date })
  const when = readReminder(phrase, calendar)
  return when && strong({ kind: 'reminder', when })
}

const horizons: Record<string, Reading> = {
  today: strong({ kind: 'horizon', horizon: 'today' }),
  tonight: strong({ kind: 'horizon', horizon: 'today' }),
  'this week': strong({ kind: 'horizon', horizon: 'week' }),
  someday: strong({ kind: 'horizon', horizon: 'someday' }),
  'some day': strong({ kind: 'horizon', horizon: 'someday' }),
  soon: weak({ kind: 'horizon', horizon: 'soon' }),
  later: weak({ kind: 'horizon', horizon: 'shelf' }),
  'on the shelf': weak({ kind: 'horizon', horizon: 'shelf' }),
}

const levelWords: Readonly<Record<string, Level>> = {
  little: 'little',
  low: 'little',
  small: 'little',
  some: 'some',
  fair: 'some',
  much: 'much',
  high: 'much',
  big: 'much',
}
const worthForm = new RegExp(`^(${Object.keys(levelWords).join('|')}) (payoff|craft)$`)

function readWorth(phrase: string): Reading | null {
  if (phrase === 'only me') return weak({ kind: 'craft', level: 'much' })
  const parts = worthForm.exec(phrase)
  return (
    parts && strong({ kind: parts[2] as 'payoff' | 'craft', level: levelWords[parts[1] as string] as Level })
  )
}

/** How much of it there is, as people say it. */
const energyWords: Readonly<Record<string, Energy>> = {
  low: 'light',
  medium: 'plain',
  normal: 'plain',
  high: 'deep',
}
const energyForm = /^(low|medium|normal|high) energy$/

function readScale(phrase: string): Reading | null {
  if (Object.hasOwn(horizons, phrase)) return horizons[phrase] as Reading
  if ((weights as readonly string[]).includes(phrase))
    return weak({ kind: 'weight', weight: phrase as Weight })
  if ((energies as readonly string[]).includes(phrase))
    return weak({ kind: 'energy', energy: phrase as Energy })
  const said = /^(?:for |takes |about |roughly |around |approx |~ ?)?(.+)$/.exec(phrase)?.[1] ?? phrase
  // "wait a minute" is no length.
  const minutes = /^[\dahotfsqnelc]/.test(said) && !/^an? min/.test(said) ? readLength(said) : null
  const energy = energyForm.exec(phrase)?.[1]
  if (energy) return strong({ kind: 'energy', energy: energyWords[energy] as Energy })
  return minutes ? strong({ kind: 'minutes', minutes }) : readWorth(phrase)
}

const leads = /^(?:(?:at|on|in|for|under|with|to|from|ask)(?: the)?|the) (.+)$/
const leadsFor: Record<NameKind, RegExp> = {
  context: /^(?:at|on|in|with) /,
  project: /^(?:for|in|on|under) /,
  area: /^(?:for|in|under) /,
  person: /^(?:with|for|to|from|ask) /,
}

const nameWords = (name: string): string =>
  name.toLowerCase().replace(/[’]/g, "'").replace(/\s+/g, ' ').trim()

function readingOfNames(found: readonly Name[], led: boolean, said: string): Reading {
  const [first] = found as [Name]
  const isPart = nameWords(first.name) !== said
  if (found.length > 1)
    return { meaning: { kind: 'question', options: found }, weak: !led, inTitle: false, guess: null }
  const kind = kindOf(first.id) as NameKind
  return {
    meaning: { kind, name: first },
    weak: !led,
    inTitle: kind === 'person',
    guess: isPart ? 'partOfName' : null,
  }
}

function readName(phrase: string, names: NameIndex): Reading | null {
  const whole = names.byWords.get(phrase)
  if (whole) return readingOfNames(whole, leads.test(phrase), phrase)
  const led = leads.exec(phrase)?.[1]
  const found = led
    ? names.byWords.get(led)?.filter(({ id }) => leadsFor[kindOf(id) as NameKind].test(phrase))
    : undefined
  return found && found.length > 0 ? readingOfNames(found, true, led as string) : null
}

/** Longer than anything that is a clause but for a name. */
const longestPhrase = 120

/** What a whole phrase in lower case means; null where it is only words. */
export function readMeaning(phrase: string, calendar: Calendar, names: NameIndex): Reading | null {
  if (!/[a-z0-9\u00c0-\uffff]/.test(phrase)) return null
  if (phrase.length > longestPhrase) return readName(phrase, names)
  return (
    readScale(phrase) ??
    readName(phrase, names) ??
    readComingBack(phrase, calendar) ??
    readDated(phrase, calendar) ??
    readDay(phrase, calendar)
  )
}
