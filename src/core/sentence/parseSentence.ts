// Reading one plain sentence: words → claims → clauses → title.
//
//   "ring the mason about the arch - friday, 20 min, phone"
//   words    ring the mason about the arch · friday · 20 min · phone   (the dash and the commas end their parts)
//   claims   [friday: day] [20 min: minutes] [phone: context]          (best first; each a run of words and its meaning)
//   clauses  day 2026-03-13, 20 minutes, context Phone                 (no word claimed twice, no kind said twice)
//   title    "ring the mason about the arch"                           (what no clause took, tidied at its seams)
//
// Every word ends in the title or in a clause that changes the draft. A clause that is taken off goes back into the
// title.
import { rulesOf } from '../facets'
import { isEqual } from '../isEqual'
import type { CalendarDate } from '../time'
import { kindOf } from '../record'
import type { Claim, SentenceContext } from './claim'
import { claimsOf } from './claims'
import { takenOffKey, type Clause, type Meaning } from './clause'
import { isPlainlyForeign } from './language'
import { stepsAfterColon } from './stepsAfterColon'
import { titleWithout } from './title'
import { wordsOf, type Word } from './words'

export interface Sentence {
  /** What is left to read once the clauses are out. Never empty for a sentence with any word in it. */
  readonly title: string
  /** In the order of the words. */
  readonly clauses: readonly Clause[]
}

/** Whether several of a kind may stand in one sentence. */
const isMany = (kind: Meaning['kind']): boolean => kind === 'question' || rulesOf(kind)?.isMany === true

/** A question whose options were ruled out but one is no question any more. */
function settled(found: Claim, words: string, takenOff: readonly string[]): Claim | null {
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
    inTitle: (kind as string) === 'person',
  }
}

function accepted(text: string, words: readonly Word[], context: SentenceContext): Clause[] {
  const clauses: Clause[] = []
  const claimed = new Set<number>()
  for (const candidate of claimsOf(words, context)) {
    const { from, to } = candidate
    const [start, end] = [(words[from] as Word).start, (words[to - 1] as Word).end]
    const found = settled(candidate, text.slice(start, end), context.takenOff ?? [])
    if (!found) continue
    const { kind } = found.meaning
    if (saysAgain(found.meaning, clauses)) continue
    if (!isMany(kind) && clauses.some((clause) => clause.kind === kind)) continue
    const places = Array.from({ length: to - from }, (_, index) => from + index)
    if (places.some((place) => claimed.has(place))) continue
    if (!found.inTitle) places.forEach((place) => claimed.add(place))
    const inTitle = found.inTitle && !context.isBare && !wholePart(words, found)
    clauses.push({ ...found.meaning, start, end, inTitle, guess: found.guess })
  }
  const reminded = clauses.flatMap((clause) => asReminded(clause, clauses) ?? [])
  const held = context.isBare ? reminded : reminded.filter((clause) => !isAlone(clause, reminded))
  const steps = context.isBare ? null : stepsOf(text, words, held, context.takenOff ?? [])
  return [...held, ...(steps ? [steps] : [])]
    .filter((clause) => !isOutdone(clause, held, context.isBare ? null : context.today))
    .sort((a, b) => a.start - b.start)
}

/**
 * "remind me to ring Oda at 5" reminds at that time, and where only a day is said at its beginning. Null where
 * nothing says when: the words then stay.
 */
function asReminded(clause: Clause, clauses: readonly Clause[]): Clause | null {
  const isOpen = clause.kind === 'reminder' && clause.start === 0 && clause.when.kind === 'minutesBefore'
  if (!isOpen || clause.when.minutes !== 0) return clause
  const has = (...kinds: Meaning['kind'][]) => clauses.some(({ kind }) => kinds.includes(kind))
  const isTimed =
    has('at') || clauses.some((other) => (other.kind === 'due' || other.kind === 'repeat') && other.time)
  if (isTimed) return clause
  return has('day', 'due', 'repeat') ? { ...clause, when: { kind: 'daysBefore', days: 0, time: null } } : null
}

/** The list after a colon, where it was not taken off. */
function stepsOf(
  text: string,
  words: readonly Word[],
  clauses: readonly Clause[],
  takenOff: readonly string[],
): Clause | null {
  const isClaimed = (place: number) => {
    const { start, end } = words[place] as Word
    return clauses.some((clause) => !clause.inTitle && clause.start <= start && end <= clause.end)
  }
  const found = stepsAfterColon(text, words, isClaimed)
  if (!found) return null
  const [start, end] = [(words[found.from] as Word).start, (words[found.to - 1] as Word).end]
  if (takenOff.includes(takenOffKey('steps', text.slice(start, end)))) return null
  return { kind: 'steps', steps: found.steps, start, end, inTitle: false, guess: 'list' }
}

/** Whether a clause says more of one that is not there: "since monday" where nothing is waited for. */
function isAlone(clause: Clause, clauses: readonly Clause[]): boolean {
  const of = rulesOf(clause.kind)?.goesWith
  return of !== undefined && !clauses.some(({ kind }) => kind === of)
}

/** Whether something was understood already: saying it again changes nothing, so the words stay in the title. */
const saysAgain = (meaning: Meaning, clauses: readonly Clause[]): boolean =>
  (meaning.kind === 'reminder' &&
    clauses.some((clause) => clause.kind === 'reminder' && isEqual(clause.when, meaning.when))) ||
  ((meaning.kind === 'context' || meaning.kind === 'person') &&
    clauses.some(
      (clause) =>
        (clause.kind === meaning.kind || clause.kind === 'waiting') && clause.name?.id === meaning.name.id,
    ))

/** Whether a clause changes nothing beside the others. `today` is null where only a change is said. */
const isOutdone = (clause: Clause, clauses: readonly Clause[], today: CalendarDate | null): boolean =>
  rulesOf(clause.kind)?.isOutdone?.(clause, clauses, today) === true

/** A name set off by commas on both sides is not part of the title: "ask about the key, Oda". */
function wholePart(words: readonly Word[], { from, to, meaning }: Claim): boolean {
  return (
    meaning.kind === 'person' &&
    from > 0 &&
    words[from - 1]?.breakAfter !== null &&
    (to === words.length || words[to - 1]?.breakAfter !== null)
  )
}

const wholeTitle = (text: string): string => text.replace(/\s+/g, ' ').trim()

/** Reads a sentence as it stands, whole or half typed. The same text always gives the same reading. */
export function parseSentence(text: string, context: SentenceContext): Sentence {
  const words = wordsOf(text)
  if (!context.isBare && isPlainlyForeign(words)) return { title: wholeTitle(text), clauses: [] }
  const clauses = accepted(text, words, context)
  const title = titleWithout(text, clauses, context.isBare)
  if (context.isBare) return { title, clauses }
  if (/[\p{L}\p{N}\p{Extended_Pictographic}]/u.test(title)) return { title, clauses }
  const links = clauses
    .filter((clause) => clause.kind === 'link')
    .map((clause) => ({ ...clause, inTitle: true }))
  return { title: wholeTitle(text), clauses: links }
}
