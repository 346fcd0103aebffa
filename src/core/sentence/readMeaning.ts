// What a run of words means on its own, and how sure that is without its neighbours. Each facet reads its own phrases;
// names are looked up here, because a name can be that of several things.
import { facets, rulesOf } from '../facets'
import { kindOf } from '../record'
import type { Name, NameKind } from './clause'
import type { Calendar } from './datePhrase'
import type { NameIndex } from './nameIndex'
import type { Interpretation } from './interpretation'

const leads = /^(?:(?:at|on|in|for|under|with|to|from|ask)(?: the)?|the) (.+)$/
const isLed = (phrase: string, { id }: Name): boolean =>
  rulesOf(kindOf(id) as NameKind)?.lead?.test(phrase) === true

const nameWords = (name: string): string =>
  name.toLowerCase().replace(/[’]/g, "'").replace(/\s+/g, ' ').trim()

function readingOfNames(found: readonly Name[], led: boolean, said: string): Interpretation {
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

function readName(phrase: string, names: NameIndex): Interpretation | null {
  const whole = names.byWords.get(phrase)
  if (whole) return readingOfNames(whole, leads.test(phrase), phrase)
  const led = leads.exec(phrase)?.[1]
  const found = led ? names.byWords.get(led)?.filter((name) => isLed(phrase, name)) : undefined
  return found && found.length > 0 ? readingOfNames(found, true, led as string) : null
}

/** Longer than anything that is a clause but for a name. */
const longestPhrase = 120

const readersBefore = facets.flatMap(({ readFirst }) => readFirst ?? [])
const readersAfter = facets.flatMap(({ read }) => read ?? [])

/** What a whole phrase in lower case means; null where it is only words. */
export function readMeaning(phrase: string, calendar: Calendar, names: NameIndex): Interpretation | null {
  if (!/[a-z0-9\u00c0-\uffff]/.test(phrase)) return null
  if (phrase.length > longestPhrase) return readName(phrase, names)
  for (const read of readersBefore) {
    const reading = read(phrase, calendar)
    if (reading) return reading
  }
  const name = readName(phrase, names)
  if (name) return name
  for (const read of readersAfter) {
    const reading = read(phrase, calendar)
    if (reading) return reading
  }
  return null
}
