// What a run of words means on its own, and how sure that is without its neighbours.
import { energies, kindOf, weights, type Energy, type Weight } from '../record'
import type { Meaning, Name, NameKind } from './clause'
import { mayBeDate, readDate, readTime, type Calendar } from './datePhrase'
import { readLength } from './lengthPhrase'
import type { NameIndex } from './nameIndex'

export interface Reading {
  readonly meaning: Meaning
  /** A weak reading counts only after a comma or right behind another clause: "light" in "…, 20 min, light". */
  readonly weak: boolean
  readonly inTitle: boolean
}

const strong = (meaning: Meaning): Reading => ({ meaning, weak: false, inTitle: false })
const weak = (meaning: Meaning): Reading => ({ meaning, weak: true, inTitle: false })

function splitTime(phrase: string): [string, ReturnType<typeof readTime>] {
  const parts = /^(.+?) (?:at )?(\S+(?: [ap]m)?)$/.exec(phrase)
  const time = parts && readTime(parts[2] as string)
  return time ? [(parts as RegExpExecArray)[1] as string, time] : [phrase, null]
}

function readDue(phrase: string, calendar: Calendar): Reading | null {
  const said = /^(?:by|due by|due on|due) (.+)$/.exec(phrase)?.[1]
  if (!said) return null
  const onlyTime = readTime(said)
  if (onlyTime) return strong({ kind: 'due', date: calendar.today, time: onlyTime })
  const [day, time] = splitTime(said)
  const date = readDate(day, calendar)
  if (date) return strong({ kind: 'due', date, time })
  const timeFirst = /^(\S+(?: [ap]m)?) (?:on )?(.+)$/.exec(said)
  const early = timeFirst && readTime(timeFirst[1] as string)
  const later = early ? readDate(timeFirst[2] as string, calendar) : null
  return early && later ? strong({ kind: 'due', date: later, time: early }) : null
}

function readAt(phrase: string, calendar: Calendar): Reading | null {
  const timeFirst = /^at (\S+(?: [ap]m)?)(?: (?:on )?(.+))?$/.exec(phrase)
  const time = timeFirst && readTime(timeFirst[1] as string)
  if (time) {
    if (!timeFirst[2]) return strong({ kind: 'at', date: null, time })
    const date = readDate(timeFirst[2], calendar)
    return date ? strong({ kind: 'at', date, time }) : null
  }
  const [day, later] = splitTime(phrase.replace(/^on /, ''))
  const date = later && mayBeDate(day) ? readDate(day, calendar) : null
  return date && later ? strong({ kind: 'at', date, time: later }) : null
}

const datedForms = [
  [/^not (?:before|until) (.+)$/, 'notBefore', false],
  [/^since (.+)$/, 'since', true],
  [/^chase(?: up)?(?: on)? (.+)$/, 'chase', false],
] as const

function readDated(phrase: string, calendar: Calendar): Reading | null {
  for (const [form, kind, past] of datedForms) {
    const said = form.exec(phrase)?.[1]
    const date = said ? readDate(said, calendar, past) : null
    if (date) return strong({ kind, date })
  }
  return readDue(phrase, calendar) ?? readAt(phrase, calendar)
}

/** Words that mean a day only where nothing else claims them: "the 3rd", "in a week", and "sat", "sun", "wed". */
const isOnlyPerhapsADay = /^(?:the |\d|in |(?:sat|sun|wed)$)/

function readDay(phrase: string, calendar: Calendar): Reading | null {
  const bare = phrase.replace(/^on /, '')
  if (!mayBeDate(bare)) return null
  const date = readDate(bare, calendar)
  if (!date) return null
  return isOnlyPerhapsADay.test(bare) && bare === phrase
    ? weak({ kind: 'day', date })
    : strong({ kind: 'day', date })
}

const horizons: Record<string, Reading> = {
  today: strong({ kind: 'horizon', horizon: 'today' }),
  tonight: strong({ kind: 'horizon', horizon: 'today' }),
  'this week': strong({ kind: 'horizon', horizon: 'week' }),
  someday: strong({ kind: 'horizon', horizon: 'someday' }),
  'some day': strong({ kind: 'horizon', horizon: 'someday' }),
  soon: weak({ kind: 'horizon', horizon: 'soon' }),
  'on the shelf': weak({ kind: 'horizon', horizon: 'shelf' }),
}

function readScale(phrase: string): Reading | null {
  if (Object.hasOwn(horizons, phrase)) return horizons[phrase] as Reading
  if ((weights as readonly string[]).includes(phrase))
    return weak({ kind: 'weight', weight: phrase as Weight })
  if ((energies as readonly string[]).includes(phrase))
    return weak({ kind: 'energy', energy: phrase as Energy })
  const said = /^(?:for |takes |about )?(.+)$/.exec(phrase)?.[1] ?? phrase
  const minutes = /^[\dahotfsq]/.test(said) ? readLength(said) : null
  return minutes ? strong({ kind: 'minutes', minutes }) : null
}

const leads = /^(?:(?:at|on|in|for|under|with|to|from|ask)(?: the)?|the) (.+)$/
const leadsFor: Record<NameKind, RegExp> = {
  context: /^(?:at|on|in|with) /,
  project: /^(?:for|in|on|under) /,
  area: /^(?:for|in|under) /,
  person: /^(?:with|for|to|from|ask) /,
}

function readingOfNames(found: readonly Name[], led: boolean): Reading {
  const [first] = found as [Name]
  if (found.length > 1) return { meaning: { kind: 'question', options: found }, weak: !led, inTitle: false }
  const kind = kindOf(first.id) as NameKind
  return { meaning: { kind, name: first }, weak: !led, inTitle: kind === 'person' }
}

function readName(phrase: string, names: NameIndex): Reading | null {
  const whole = names.byWords.get(phrase)
  if (whole) return readingOfNames(whole, leads.test(phrase))
  const led = leads.exec(phrase)?.[1]
  const found = led
    ? names.byWords.get(led)?.filter(({ id }) => leadsFor[kindOf(id) as NameKind].test(phrase))
    : undefined
  return found && found.length > 0 ? readingOfNames(found, true) : null
}

/** Longer than anything that is a clause but for a name. */
const longestPhrase = 120

/** What a whole phrase in lower case means; null where it is only words. */
export function readMeaning(phrase: string, calendar: Calendar, names: NameIndex): Reading | null {
  if (!/[a-z0-9\u00c0-\uffff]/.test(phrase)) return null
  if (phrase.length > longestPhrase) return readName(phrase, names)
  return (
    readScale(phrase) ?? readName(phrase, names) ?? readDated(phrase, calendar) ?? readDay(phrase, calendar)
  )
}
