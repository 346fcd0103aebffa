// Reading one plain sentence. Clauses are looked for where they cannot be part of the title: at the end of a part
// (parts end at commas, colons, semicolons), as a whole part, or as a led phrase at the front. What is between
// double quotes is never read. Chips show what was understood; one taken off goes back into the title.
import { kindOf, titleLimit } from '../record'
import type { CalendarDate } from '../time'
import { takenOffKey, type Clause, type Meaning, type Name } from './clause'
import type { NameIndex } from './nameIndex'
import { readMeaning, type Reading } from './readMeaning'
import { partsOf, wordsOf, type Word } from './words'

export interface SentenceContext {
  readonly today: CalendarDate
  readonly names: NameIndex
  /** Keys of clauses the person took off, as `takenOffKey` makes them. */
  readonly takenOff?: readonly string[]
}

export interface Sentence {
  /** What is left to read once the clauses are out. Never empty for a sentence with any word in it. */
  readonly title: string
  /** In the order of the words. */
  readonly clauses: readonly Clause[]
}

interface Found extends Reading {
  readonly from: number
  readonly to: number
}

const longestClause = 8
/** Words before a date, a length or a horizon that make it part of the title: "every friday", "the last 20 minutes". */
const bindsForward = new Set([
  'every',
  'each',
  'since',
  'until',
  'till',
  'from',
  'last',
  'first',
  'past',
  'within',
  'in',
  'of',
  'after',
  'before',
  'good',
  'black',
  'casual',
  'per',
  'than',
  'between',
  'chase',
  'the',
  'a',
  'an',
  'my',
  'our',
])
/** "plan the walk for Sunday": behind these a bare day belongs to the title. */
const bindsDay = new Set(['for', 'to', 'about', 'with', 'and', 'or', 'this', 'next'])
const timed = new Set<Meaning['kind']>(['day', 'minutes', 'horizon', 'at'])
/** Words that make the name behind them part of a longer thing: "the phone", "a new phone". */
const determiners = new Set([
  'a',
  'an',
  'the',
  'my',
  'our',
  'your',
  'his',
  'her',
  'their',
  'its',
  'this',
  'that',
  'these',
  'those',
  'some',
  'any',
  'no',
  'another',
  'new',
  'old',
  'spare',
  'broken',
  'good',
  'second',
])
const joins = new Set([
  'about',
  'for',
  'to',
  'and',
  'with',
  'so',
  'because',
  'via',
  'at',
  'on',
  'in',
  'from',
  'or',
])

const phraseOf = (words: readonly Word[], from: number, to: number): string =>
  words
    .slice(from, to)
    .map((word) => word.text)
    .join(' ')

function boundToTitle(words: readonly Word[], found: Found, partStart: number): boolean {
  if (found.from === partStart) return false
  const before = words[found.from - 1] as Word
  if (found.meaning.kind === 'day' && bindsDay.has(before.text)) return true
  if (timed.has(found.meaning.kind)) return bindsForward.has(before.text)
  return false
}

/** The longest clause that ends right before word `end`. */
function clauseEndingAt(
  words: readonly Word[],
  partStart: number,
  end: number,
  context: SentenceContext,
): Found | null {
  const reach = Math.max(longestClause, context.names.longestWords + 2)
  for (let from = Math.max(partStart, end - reach); from < end; from++) {
    if (words.slice(from, end).some((word) => word.quoted)) continue
    const reading = readMeaning(phraseOf(words, from, end), context.today, context.names)
    if (!reading) continue
    const found = { ...reading, from, to: end }
    if (!boundToTitle(words, found, partStart)) return found
  }
  return null
}

/** A bare name at the very end counts where the words before it do not claim it: "ring Mum phone", not "buy a new phone". */
function standsAlone(words: readonly Word[], found: Found, partStart: number): boolean {
  const { kind } = found.meaning
  const isClaimed = words
    .slice(Math.max(partStart, found.from - 3), found.from)
    .some((word) => determiners.has(word.text) || /^\d|'s$/.test(word.text))
  if (kind === 'person') return !determiners.has(words[found.from - 1]?.text ?? '')
  if (!['context', 'project', 'question'].includes(kind) || found.from - partStart < 2) return false
  return !isClaimed
}

/** All clauses at the end of one part, first to last. Gives back what is too weak to stand against the title. */
function clausesOfPart(
  words: readonly Word[],
  [from, to]: readonly [number, number],
  opened: boolean,
  context: SentenceContext,
): Found[] {
  const run: Found[] = []
  let end = to
  for (
    let found = clauseEndingAt(words, from, end, context);
    found;
    found = end > from ? clauseEndingAt(words, from, end, context) : null
  ) {
    run.unshift(found)
    end = found.from
  }
  while (run.length > 0 && (run[0] as Found).weak && !((run[0] as Found).from === from && opened)) {
    const first = run[0] as Found
    if (first.to === to && standsAlone(words, first, from)) break
    run.shift()
  }
  return run
}

/** A led phrase at the very front, without a comma behind it: "not before 1 march renew the permit". */
function clauseAtFront(words: readonly Word[], context: SentenceContext): Found | null {
  for (let to = Math.min(6, words.length - 1); to >= 2; to--) {
    if (words.slice(0, to).some((word) => word.quoted || word.breakAfter)) continue
    const reading = readMeaning(phraseOf(words, 0, to), context.today, context.names)
    if (reading && (reading.meaning.kind === 'notBefore' || reading.meaning.kind === 'due'))
      return { ...reading, from: 0, to }
  }
  return null
}

/** "by friday" in mid-sentence, where a joining word goes on behind it. */
function dueInTheMiddle(words: readonly Word[], context: SentenceContext): Found[] {
  return words.flatMap((word, from) => {
    if (from === 0 || word.text !== 'by' || word.quoted) return []
    for (let to = Math.min(from + 5, words.length - 1); to >= from + 2; to--) {
      const reading = joins.has((words[to] as Word).text)
        ? readMeaning(phraseOf(words, from, to), context.today, context.names)
        : null
      if (reading?.meaning.kind === 'due') return [{ ...reading, from, to }]
    }
    return []
  })
}

/** Where what is waited for ends: at a break, or where "since" or "chase" begins. */
function endOfWhom(words: readonly Word[]): number {
  const at = words.findIndex(
    (word, index) =>
      index >= 2 && (word.breakAfter !== null || ['since', 'chase'].includes(words[index + 1]?.text ?? '')),
  )
  return at < 0 ? words.length : at + 1
}

/** "waiting for Oda's quote": the words stay. Oda is understood where she is known, the words themselves where not. */
function waitingAtFront(words: readonly Word[], names: NameIndex): Found | null {
  const isAsked = words[0]?.text === 'waiting' && words[1]?.text === 'for' && words.length > 2
  if (
    !isAsked ||
    words[0]?.breakAfter ||
    words[1]?.breakAfter ||
    words.slice(0, 3).some(({ quoted }) => quoted)
  )
    return null
  const end = endOfWhom(words)
  for (let to = Math.min(end, 8); to >= 3; to--) {
    const phrase = phraseOf(words, 2, to).replace(/'s$/, '')
    const name = names.byWords.get(phrase)?.filter(({ id }) => kindOf(id) === 'person') ?? []
    if (name.length === 1)
      return {
        meaning: { kind: 'waiting', name: name[0] as Name, whom: '' },
        weak: false,
        inTitle: true,
        from: 0,
        to,
      }
  }
  const whom = words
    .slice(2, end)
    .map(({ typed }) => typed)
    .join(' ')
  return whom.trim() === ''
    ? null
    : { meaning: { kind: 'waiting', name: null, whom }, weak: false, inTitle: true, from: 0, to: end }
}

function addresses(words: readonly Word[]): Found[] {
  return words.flatMap((word, from) =>
    !word.quoted && word.typed.length <= titleLimit && /^https?:\/\/\S+\.\S+/i.test(word.typed)
      ? [
          {
            meaning: { kind: 'address', address: word.typed },
            weak: false,
            inTitle: false,
            from,
            to: from + 1,
          } as Found,
        ]
      : [],
  )
}

/** Everything that may be a clause, best claim first. */
function candidates(words: readonly Word[], context: SentenceContext): Found[] {
  const parts = partsOf(words)
  const inParts = parts.flatMap((part, index) => {
    const opened = index > 0 || words[part[1] - 1]?.breakAfter === ':'
    return clausesOfPart(words, part, opened, context)
  })
  const front = clauseAtFront(words, context)
  const waiting = waitingAtFront(words, context.names)
  return [
    ...addresses(words),
    ...(waiting ? [waiting] : []),
    ...inParts.reverse(),
    ...(front ? [front] : []),
    ...dueInTheMiddle(words, context),
  ]
}

const manyAllowed = new Set<Meaning['kind']>(['context', 'person', 'question'])

/** A question whose options were ruled out but one is no question any more. */
function settled(found: Found, words: string, takenOff: readonly string[]): Found | null {
  if (found.meaning.kind !== 'question')
    return takenOff.includes(takenOffKey(found.meaning.kind, words)) ? null : found
  const left = found.meaning.options.filter(({ id }) => !takenOff.includes(takenOffKey(id, words)))
  if (left.length === 0 || takenOff.includes(takenOffKey('question', words))) return null
  if (left.length > 1) return { ...found, meaning: { kind: 'question', options: left } }
  const [name] = left as [(typeof left)[number]]
  const kind = kindOf(name.id) as 'context'
  if (takenOff.includes(takenOffKey(kind, words))) return null
  return {
    ...found,
    meaning: { kind, name },
    inTitle: found.meaning.options.length > 0 && (kind as string) === 'person',
  }
}

function accepted(text: string, words: readonly Word[], context: SentenceContext): Clause[] {
  const clauses: Clause[] = []
  const claimed = new Set<number>()
  for (const candidate of candidates(words, context)) {
    const { from, to } = candidate
    const [start, end] = [(words[from] as Word).start, (words[to - 1] as Word).end]
    const found = settled(candidate, text.slice(start, end), context.takenOff ?? [])
    if (!found) continue
    const { kind } = found.meaning
    if ((kind === 'since' || kind === 'chase') && !clauses.some((clause) => clause.kind === 'waiting'))
      continue
    if (saysAgain(found.meaning, clauses)) continue
    if (!manyAllowed.has(kind) && clauses.some((clause) => clause.kind === kind)) continue
    const places = Array.from({ length: to - from }, (_, index) => from + index)
    if (places.some((place) => claimed.has(place))) continue
    if (!found.inTitle) places.forEach((place) => claimed.add(place))
    clauses.push({ ...found.meaning, start, end, inTitle: found.inTitle && !wholePart(words, found) })
  }
  return clauses.filter((clause) => !isOutdone(clause, clauses)).sort((a, b) => a.start - b.start)
}

/** Whether a name was understood already: saying it again changes nothing, so the words stay in the title. */
const saysAgain = (meaning: Meaning, clauses: readonly Clause[]): boolean =>
  (meaning.kind === 'context' || meaning.kind === 'person') &&
  clauses.some(
    (clause) =>
      (clause.kind === meaning.kind || clause.kind === 'waiting') && clause.name?.id === meaning.name.id,
  )

/** Whether a clause changes nothing beside another: a day, where the time fixed on the clock brings its own. */
const isOutdone = (clause: Clause, clauses: readonly Clause[]): boolean =>
  clause.kind === 'day' && clauses.some((other) => other.kind === 'at' && other.date !== null)

/** A name set off by commas on both sides is not part of the title: "ask about the key, Oda". */
function wholePart(words: readonly Word[], { from, to, meaning }: Found): boolean {
  return (
    meaning.kind === 'person' &&
    from > 0 &&
    words[from - 1]?.breakAfter !== null &&
    (to === words.length || words[to - 1]?.breakAfter !== null)
  )
}

const isSpace = (sign: string | undefined): boolean => sign !== undefined && /\s/.test(sign)

/** The last sign of a text that is no space. */
function lastSign(text: string): string {
  let at = text.length - 1
  while (at >= 0 && isSpace(text[at])) at--
  return text[at] ?? ''
}

/** Without spaces, breaks and dashes left over at the end. */
function trimmedEnd(title: string): string {
  let end = title.length
  for (;;) {
    const sign = title[end - 1]
    if (sign === undefined) return ''
    const dangles = isSpace(sign) || ',;:'.includes(sign) || ('-–—'.includes(sign) && isSpace(title[end - 2]))
    if (!dangles) return title.slice(0, end)
    end--
  }
}

/** The place behind a break that follows `at`, or `at`. */
function behindBreak(text: string, at: number): number {
  let next = at
  while (isSpace(text[next])) next++
  return ',;:'.includes(text[next] ?? ' ') ? next + 1 : at
}

/** What is left of a sentence without its clauses: a break or a dash that stood before a clause goes with it. */
function titleWithout(text: string, clauses: readonly Clause[]): string {
  const removed = clauses.filter((clause) => !clause.inTitle && clause.kind !== 'question')
  if (removed.length === 0) return text.replace(/\s+/g, ' ').trim()
  let title = ''
  let at = 0
  for (const { start, end } of removed) {
    title += text.slice(at, start)
    const before = lastSign(title)
    if ('-–—'.includes(before) && before !== '') title = trimmedEnd(title)
    at = before === '' || ',;:('.includes(before) ? behindBreak(text, end) : end
  }
  const joined = (title + text.slice(at)).replace(/\s+/g, ' ')
  const tidy = joined
    .replace(/ ?\([ ,;:]*\)(?=[.!?]*$)/, '')
    .replace(/ ([,;:.!?)])/g, '$1')
    .replace(/\( /g, '(')
  return trimmedEnd(tidy).replace(/^[\s,;:]+/, '')
}

/** Reads a sentence as it stands, whole or half typed. The same text always gives the same reading. */
export function parseSentence(text: string, context: SentenceContext): Sentence {
  const words = wordsOf(text)
  const clauses = accepted(text, words, context)
  const title = titleWithout(text, clauses)
  if (/[\p{L}\p{N}\p{Extended_Pictographic}]/u.test(title)) return { title, clauses }
  const address = clauses
    .filter((clause) => clause.kind === 'address')
    .map((clause) => ({ ...clause, inTitle: true }))
  return { title: text.replace(/\s+/g, ' ').trim(), clauses: address }
}
