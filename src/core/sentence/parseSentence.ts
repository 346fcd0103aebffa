// Reading one plain sentence. Clauses are looked for where they cannot be part of the title: at the end of a part
// (parts end at commas, colons, semicolons), as a whole part, or as a led phrase at the front. What is between
// double quotes is never read. Chips show what was understood; one taken off goes back into the title.
import { kindOf, titleLimit } from '../record'
import type { CalendarDate } from '../time'
import { takenOffKey, type Clause, type Meaning } from './clause'
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
const bindsForward = new Set(['every', 'each', 'since', 'until', 'till', 'from', 'last', 'first', 'past', 'within', 'in', 'of', 'after', 'before', 'good', 'black', 'casual', 'per', 'than', 'between', 'chase', 'the', 'a', 'an', 'my', 'our'])
/** "plan the walk for Sunday": behind these a bare day belongs to the title. */
const bindsDay = new Set(['for', 'to', 'about', 'with', 'and', 'or', 'this', 'next'])
const timed = new Set<Meaning['kind']>(['day', 'minutes', 'horizon', 'at'])
/** Words that make the name behind them part of a longer thing: "the phone", "a new phone". */
const determiners = new Set(['a', 'an', 'the', 'my', 'our', 'your', 'his', 'her', 'their', 'its', 'this', 'that', 'these', 'those', 'some', 'any', 'no', 'another', 'new', 'old', 'spare', 'broken', 'good', 'second'])
const joins = new Set(['about', 'for', 'to', 'and', 'with', 'so', 'because', 'via', 'at', 'on', 'in', 'from', 'or'])

const phraseOf = (words: readonly Word[], from: number, to: number): string => words.slice(from, to).map((word) => word.text).join(' ')

function boundToTitle(words: readonly Word[], found: Found, partStart: number): boolean {
  if (found.from === partStart) return false
  const before = words[found.from - 1] as Word
  if (found.meaning.kind === 'day' && bindsDay.has(before.text)) return true
  if (timed.has(found.meaning.kind)) return bindsForward.has(before.text)
  return false
}

/** The longest clause that ends right before word `end`. */
function clauseEndingAt(words: readonly Word[], partStart: number, end: number, context: SentenceContext): Found | null {
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
  if (kind === 'person') return true
  if (!['context', 'project', 'question'].includes(kind) || found.from - partStart < 2) return false
  return !words.slice(Math.max(partStart, found.from - 3), found.from).some((word) => determiners.has(word.text) || /^\d|'s$/.test(word.text))
}

/** All clauses at the end of one part, first to last. Gives back what is too weak to stand against the title. */
function clausesOfPart(words: readonly Word[], [from, to]: readonly [number, number], opened: boolean, context: SentenceContext): Found[] {
  const run: Found[] = []
  let end = to
  for (let found = clauseEndingAt(words, from, end, context); found; found = end > from ? clauseEndingAt(words, from, end, context) : null) {
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
    if (reading && (reading.meaning.kind === 'notBefore' || reading.meaning.kind === 'due')) return { ...reading, from: 0, to }
  }
  return null
}

/** "by friday" in mid-sentence, where a joining word goes on behind it. */
function dueInTheMiddle(words: readonly Word[], context: SentenceContext): Found[] {
  return words.flatMap((word, from) => {
    if (from === 0 || word.text !== 'by' || word.quoted) return []
    for (let to = Math.min(from + 5, words.length - 1); to >= from + 2; to--) {
      const reading = joins.has((words[to] as Word).text) ? readMeaning(phraseOf(words, from, to), context.today, context.names) : null
      if (reading?.meaning.kind === 'due') return [{ ...reading, from, to }]
    }
    return []
  })
}

/** "waiting for Oda's quote": the words stay, the person is understood. */
function waitingAtFront(words: readonly Word[], names: NameIndex): Found | null {
  if (words[0]?.text !== 'waiting' || words[1]?.text !== 'for') return null
  for (let to = Math.min(words.length, 6); to >= 3; to--) {
    const phrase = phraseOf(words, 2, to).replace(/'s$/, '')
    const name = names.byWords.get(phrase)?.find(({ id }) => kindOf(id) === 'person')
    if (name) return { meaning: { kind: 'waiting', name }, weak: false, inTitle: true, from: 0, to }
  }
  return null
}

function addresses(words: readonly Word[]): Found[] {
  return words.flatMap((word, from) =>
    !word.quoted && /^https?:\/\/\S+\.\S+/i.test(word.typed) && word.typed.length <= titleLimit
      ? [{ meaning: { kind: 'address', address: word.typed }, weak: false, inTitle: false, from, to: from + 1 } as Found]
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
  return [...addresses(words), ...(waiting ? [waiting] : []), ...inParts.reverse(), ...(front ? [front] : []), ...dueInTheMiddle(words, context)]
}

const manyAllowed = new Set<Meaning['kind']>(['context', 'person', 'question'])

/** A question whose options were ruled out but one is no question any more. */
function settled(found: Found, words: string, takenOff: readonly string[]): Found | null {
  if (found.meaning.kind !== 'question') return takenOff.includes(takenOffKey(found.meaning.kind, words)) ? null : found
  const left = found.meaning.options.filter(({ id }) => !takenOff.includes(takenOffKey(id, words)))
  if (left.length === 0 || takenOff.includes(takenOffKey('question', words))) return null
  if (left.length > 1) return { ...found, meaning: { kind: 'question', options: left } }
  const [name] = left as [(typeof left)[number]]
  const kind = kindOf(name.id) as 'context'
  if (takenOff.includes(takenOffKey(kind, words))) return null
  return { ...found, meaning: { kind, name }, inTitle: found.meaning.options.length > 0 && (kind as string) === 'person' }
}

function accepted(text: string, words: readonly Word[], context: SentenceContext): Clause[] {
  const clauses: Clause[] = []
  const claimed = new Set<number>()
  const waits = words[0]?.text === 'waiting'
  for (const candidate of candidates(words, context)) {
    const { from, to } = candidate
    const [start, end] = [(words[from] as Word).start, (words[to - 1] as Word).end]
    const found = settled(candidate, text.slice(start, end), context.takenOff ?? [])
    if (!found) continue
    const { kind } = found.meaning
    if ((kind === 'since' || kind === 'chase') && !waits) continue
    if (!manyAllowed.has(kind) && clauses.some((clause) => clause.kind === kind)) continue
    const places = Array.from({ length: to - from }, (_, index) => from + index)
    if (places.some((place) => claimed.has(place))) continue
    if (!found.inTitle) places.forEach((place) => claimed.add(place))
    clauses.push({ ...found.meaning, start, end, inTitle: found.inTitle && !wholePart(words, found) })
  }
  return clauses.sort((a, b) => a.start - b.start)
}

/** A name set off by commas on both sides is not part of the title: "ask about the key, Oda". */
function wholePart(words: readonly Word[], { from, to, meaning }: Found): boolean {
  return meaning.kind === 'person' && from > 0 && words[from - 1]?.breakAfter !== null && (to === words.length || words[to - 1]?.breakAfter !== null)
}

function titleWithout(text: string, clauses: readonly Clause[]): string {
  let title = ''
  let at = 0
  for (const clause of clauses) {
    if (clause.inTitle || clause.kind === 'question') continue
    title += text.slice(at, clause.start)
    at = clause.end
    if (/^\s*[,;:]/.test(text.slice(at)) && /(?:^|[,;:])\s*$/.test(title)) at += (/^\s*[,;:]/.exec(text.slice(at)) as RegExpExecArray)[0].length
  }
  title += text.slice(at)
  return title.replace(/\s+/g, ' ').replace(/\s+([,;:.!?])/g, '$1').replace(/(?:\s*[,;:])+\s*$/, '').replace(/^[\s,;:]+/, '').trim()
}

/** Reads a sentence as it stands, whole or half typed. The same text always gives the same reading. */
export function parseSentence(text: string, context: SentenceContext): Sentence {
  const words = wordsOf(text)
  const clauses = accepted(text, words, context)
  const title = titleWithout(text, clauses)
  if (/[\p{L}\p{N}\p{Extended_Pictographic}]/u.test(title)) return { title, clauses }
  const address = clauses.filter((clause) => clause.kind === 'address').map((clause) => ({ ...clause, inTitle: true }))
  return { title: text.replace(/\s+/g, ' ').trim(), clauses: address }
}
