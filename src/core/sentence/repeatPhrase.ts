// How often something comes back, in ordinary English: "every other wednesday at 10", "monthly on the last friday".
// Endings are taken off first (until, times, at, once it is done), and what is left must be a rule to its last word.
import { everyDay, longestInterval, mostTimes, type Frequency, type RepeatRule } from '../repeat'
import type { CalendarDate } from '../time'
import { monthOf, monthPattern, readDate, weekdayNumber, weekdayPattern, type Calendar } from './datePhrase'
import { numberForm, numberOf, ordinals } from './numberWords'
import { readBareHour, readPartOfDay, readTime, type SaidTime } from './timePhrase'

export interface SaidRepeat {
  readonly rule: RepeatRule
  /** Counted from when it was done, not by the calendar. */
  readonly fromDone: boolean
  readonly at: SaidTime | null
}

type Body = Partial<RepeatRule> & { readonly frequency: Frequency; readonly partOfDay?: string }

const units: Readonly<Record<string, Body>> = {
  day: { frequency: 'daily' },
  week: { frequency: 'weekly' },
  fortnight: { frequency: 'weekly', interval: 2 },
  month: { frequency: 'monthly' },
  quarter: { frequency: 'monthly', interval: 3 },
  year: { frequency: 'yearly' },
}
const adverbs: Readonly<Record<string, string>> = {
  daily: 'day',
  weekly: 'week',
  fortnightly: 'fortnight',
  monthly: 'month',
  quarterly: 'quarter',
  yearly: 'year',
  annually: 'year',
}

const firstWord = new RegExp(
  `^(?:every|each|on|once|the|first|second|third|fourth|last|weekdays|${Object.keys(adverbs).join('|')}|(?:mon|tues|wednes|thurs|fri|satur|sun)days)\\b`,
)
/** Whether a phrase in lower case could begin a rule. Cheap: it spares the full reading of most words. */
export const mayBeRepeat = (phrase: string): boolean => firstWord.test(phrase)

const ordinal = Object.keys(ordinals).join('|')
const monthDay = '(?:(?:3[01]|[12]\\d|0?[1-9])(?:st|nd|rd|th)|first)'
const joined = (one: string) => `${one}(?:(?:,? and |, | & )${one})*`
const weekdayList = new RegExp(`^${joined(`${weekdayPattern}s?`)}$`)
const monthDayList = new RegExp(`^(?:the )?${joined(`(?:the )?${monthDay}`)}$`)
const nthWeekday = new RegExp(`^(?:the )?(${ordinal}) (${weekdayPattern})$`)
const lastDay = /^the last day$/
const dayOfMonth = new RegExp(
  `^(?:the )?(\\d{1,2})(?:st|nd|rd|th)?(?: of)? (${monthPattern})$|^(${monthPattern}) (\\d{1,2})(?:st|nd|rd|th)?$`,
)
const everyForm = new RegExp(
  `^(?:every|each) (?:(${numberForm}|other|second|2nd|third|3rd|fourth|4th) )?(day|week|fortnight|month|quarter|year)s?$`,
)
const everyWeekday = new RegExp(
  `^(?:every|each) (?:(other|second|2nd|third|3rd|fourth|4th|${numberForm}) )?(${joined(`${weekdayPattern}s?`)})( mornings?| afternoons?| evenings?)?$`,
)
const everyNthWeekday = new RegExp(
  `^(?:(?:every|each|on the|the) )?(${ordinal}) (${weekdayPattern})(?: of (?:the|every|each) month| in the month)?$`,
)
const numberedOfEvery = new RegExp(
  `^(?:(?:on )?(?:the )?(${joined(monthDay)}) of (?:every|each) month|every (${joined(monthDay)})(?: of the month)?)$`,
)
const workingDayForm =
  /^(?:(?:on )?(?:the )?(first|last) (?:working|week) ?day (?:of|in) (?:every|each|the) month|(?:every|each) (?:month on the )?(first|last) (?:working|week) ?day(?: of the month)?|monthly on the (first|last) (?:working|week) ?day)$/
const workingDays = [0, 1, 2, 3, 4]

const intervalOf = (word: string | undefined): number => {
  if (word === undefined) return 1
  if (word === 'other') return 2
  return ordinals[word] ?? numberOf(word)
}
const weekdaysIn = (list: string): number[] =>
  list.split(/,? and |, | & /).map((name) => weekdayNumber(name.replace(/(day|[^s])s$/, '$1')))
const numbersIn = (list: string): number[] => (list.replace(/first/g, '1').match(/\d+/g) ?? []).map(Number)

/** Days that no year has: a rule by them would never come. */
const daysIn = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

function yearlyOn(phrase: string): Body | null {
  const parts = dayOfMonth.exec(phrase)
  if (!parts) return null
  const [day, month] = [Number(parts[1] ?? parts[4]), monthOf((parts[2] ?? parts[3]) as string)]
  return day >= 1 && day <= (daysIn[month - 1] as number)
    ? { frequency: 'yearly', months: [month], monthDays: [day] }
    : null
}

/** "on the last friday" behind "monthly"; null where it does not go with the unit. */
function withOn(body: Body, on: string): Body | null {
  const nth = nthWeekday.exec(on)
  switch (body.frequency) {
    case 'weekly':
      return weekdayList.test(on) ? { ...body, weekdays: weekdaysIn(on) } : null
    case 'monthly':
      if (nth)
        return {
          ...body,
          nth: ordinals[nth[1] as string] ?? null,
          weekdays: [weekdayNumber(nth[2] as string)],
        }
      if (lastDay.test(on)) return { ...body, monthDays: [-1] }
      return monthDayList.test(on) ? { ...body, monthDays: numbersIn(on) } : null
    case 'yearly': {
      const yearly = yearlyOn(on)
      return yearly && { ...body, ...yearly }
    }
    default:
      return null
  }
}

function unitBody(phrase: string): Body | null {
  if (Object.hasOwn(adverbs, phrase)) return units[adverbs[phrase] as string] as Body
  if (
    phrase === 'once a day' ||
    phrase === 'once a week' ||
    phrase === 'once a month' ||
    phrase === 'once a year'
  )
    return units[phrase.slice('once a '.length)] as Body
  const parts = everyForm.exec(phrase)
  if (!parts) return null
  const unit = units[parts[2] as string] as Body
  return { ...unit, interval: intervalOf(parts[1]) * (unit.interval ?? 1) }
}

function weekdayBody(phrase: string): Body | null {
  if (/^(?:every|each) (?:weekday|working day)$|^(?:on )?weekdays$/.test(phrase))
    return { frequency: 'weekly', weekdays: workingDays }
  if (/^(?:every|each) weekend$/.test(phrase)) return { frequency: 'weekly', weekdays: [5] }
  const partOfDay = /^(?:every|each) (morning|afternoon|evening)$/.exec(phrase)?.[1]
  if (partOfDay) return { frequency: 'daily', partOfDay }
  const nth = everyNthWeekday.exec(phrase)
  const isCounted =
    nth && !(/^(?:every|each) (?:second|2nd|third|3rd|fourth|4th) /.test(phrase) && !/ month$/.test(phrase))
  if (isCounted && (/^(?:every|each)/.test(phrase) || / (?:every|each) month$/.test(phrase)))
    return {
      frequency: 'monthly',
      nth: ordinals[nth[1] as string] ?? null,
      weekdays: [weekdayNumber(nth[2] as string)],
    }
  const parts = everyWeekday.exec(phrase)
  if (parts) {
    const said = parts[3]?.trim().replace(/s$/, '')
    return {
      frequency: 'weekly',
      interval: intervalOf(parts[1]),
      weekdays: weekdaysIn(parts[2] as string),
      ...(said ? { partOfDay: said } : {}),
    }
  }
  const plural = /^(?:on )?((?:\w+days)(?: and \w+days)*)$/.exec(phrase)?.[1]
  return plural && weekdayList.test(plural) ? { frequency: 'weekly', weekdays: weekdaysIn(plural) } : null
}

function bodyOf(phrase: string): Body | null {
  const plain = unitBody(phrase) ?? weekdayBody(phrase)
  if (plain) return plain
  const numbered = numberedOfEvery.exec(phrase)
  if (numbered) return { frequency: 'monthly', monthDays: numbersIn((numbered[1] ?? numbered[2]) as string) }
  const working = workingDayForm.exec(phrase)?.slice(1).find(Boolean)
  if (working === 'last') return { frequency: 'monthly', weekdays: workingDays, ofMonth: 'last' }
  if (working === 'first') return { frequency: 'monthly', weekdays: workingDays, ofMonth: 'first' }
  const on = /^(.+?) on (.+)$/.exec(phrase)
  const unit = on && unitBody(on[1] as string)
  if (unit) return withOn(unit, on[2] as string)
  const dated = /^(?:every|each) (.+)$/.exec(phrase)?.[1]
  return dated ? (yearlyOn(dated) ?? null) : null
}

/** The last day meant by "2030", "may 2030", "5 november": the end of what is named. */
export function readUntil(phrase: string, calendar: Calendar): CalendarDate | null {
  if (/^(?:19|20|21)\d{2}$/.test(phrase)) return `${phrase}-12-31` as CalendarDate
  return readDate(phrase, calendar)
}

/** "10 times", "for 3 weeks" is not one; null for anything else. */
export function readTimes(phrase: string): number | null {
  const said = /^(?:for )?(\d{1,4}|[a-z]+) times?$/.exec(phrase)?.[1]
  if (!said) return null
  const times = numberOf(said)
  return Number.isInteger(times) && times >= 1 && times <= mostTimes ? times : null
}

const afterDone =
  / (?:after|once|from when) (?:(?:it is|it's|it was|being|its) )?(?:done|finished|ticked)$| after completion$/

const orLastDay = / or (?:on )?(?:the|its) last day$/
const whereThereIs = / where there is one$/

interface Endings {
  readonly rest: string
  readonly until: CalendarDate | null
  readonly times: number | null
  readonly at: SaidTime | null
  readonly fromDone: boolean
  readonly orLast: boolean
}

function takeAt(rest: string): readonly [string, SaidTime] | null {
  const parts = /^(.+) at (\S+(?: [ap]m)?)$/.exec(rest)
  if (parts) {
    const time = readTime(parts[2] as string)
    const said = time ? { time, guess: null } : readBareHour(parts[2] as string)
    if (said) return [parts[1] as string, said]
  }
  const bare = /^(.+) (\d{1,2}[:.]\d{2}|\d{1,2}(?:[:.]\d{2})? ?[ap]m)$/.exec(rest)
  const time = bare && readTime(bare[2] as string)
  return time ? [bare[1] as string, { time, guess: null }] : null
}

function withoutEndings(phrase: string, calendar: Calendar): Endings | null {
  let found: Endings = { rest: phrase, until: null, times: null, at: null, fromDone: false, orLast: false }
  for (;;) {
    const { rest } = found
    const until = /^(.+?) (?:until|till) (.+)$/.exec(rest)
    const last = until && readUntil(until[2] as string, calendar)
    const times = /^(.+?) ((?:for )?\S+ times?)$/.exec(rest)
    const often = times && readTimes(times[2] as string)
    const at = takeAt(rest)
    if (last && found.until === null) found = { ...found, rest: until[1] as string, until: last }
    else if (often && found.times === null) found = { ...found, rest: times[1] as string, times: often }
    else if (at && found.at === null) found = { ...found, rest: at[0], at: at[1] }
    else if (afterDone.test(rest)) found = { ...found, rest: rest.replace(afterDone, ''), fromDone: true }
    else if (orLastDay.test(rest)) found = { ...found, rest: rest.replace(orLastDay, ''), orLast: true }
    else if (whereThereIs.test(rest)) found = { ...found, rest: rest.replace(whereThereIs, '') }
    else return found
  }
}

/** The rule that a whole phrase in lower case says; null where it says none, or one that could never come. */
export function readRepeat(phrase: string, calendar: Calendar): SaidRepeat | null {
  if (!mayBeRepeat(phrase)) return null
  const endings = withoutEndings(phrase, calendar)
  if (!endings) return null
  const { until, times, fromDone, orLast } = endings
  const found = bodyOf(endings.rest)
  if (!found) return null
  const { partOfDay, ...body } = found
  const rule = { ...everyDay, ...body, orLast, until, times }
  const isSound =
    (!orLast || (rule.monthDays.length === 1 && (rule.monthDays[0] as number) > 28)) &&
    rule.interval >= 1 &&
    rule.interval <= longestInterval &&
    (until === null || times === null) &&
    (until === null || until >= calendar.today)
  if (!isSound) return null
  return { rule, fromDone, at: endings.at ?? (partOfDay ? readPartOfDay(partOfDay) : null) }
}
