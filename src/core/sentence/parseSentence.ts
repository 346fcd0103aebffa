// Reading one plain sentence: words → claims → clauses → title.
//
//   "ring the mason about the arch - friday, 20 min, phone"
//   words    ring the mason about the arch · friday · 20 min · phone   (the dash and the commas end their parts)
//   claims   [friday: day] [20 min: minutes] [phone: context]          (best first; each a run of words and its meaning)
//   clauses  day 2026-03-13, 20 minutes, context Phone                 (no word claimed twice, no kind said twice)
//   title    "ring the mason about the arch"                           (what no clause took, tidied at its seams)
//
// Every word ends in the title or in a clause that changes the draft. A clause that is taken off goes back into the title.
import { kindOf } from '../record'
import { claimsOf, type Claim, type SentenceContext } from './claims'
import { takenOffKey, type Clause, type Meaning } from './clause'
import { titleWithout } from './title'
import { wordsOf, type Word } from './words'

export interface Sentence {
  /** What is left to read once the clauses are out. Never empty for a sentence with any word in it. */
  readonly title: string
  /** In the order of the words. */
  readonly clauses: readonly Clause[]
}

const manyAllowed = new Set<Meaning['kind']>(['context', 'person', 'question'])

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
    inTitle: found.meaning.options.length > 0 && (kind as string) === 'person',
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
    const isOfWaiting = kind === 'since' || kind === 'chase'
    if (isOfWaiting && !context.isBare && !clauses.some((clause) => clause.kind === 'waiting')) continue
    if (saysAgain(found.meaning, clauses)) continue
    if (!manyAllowed.has(kind) && clauses.some((clause) => clause.kind === kind)) continue
    const places = Array.from({ length: to - from }, (_, index) => from + index)
    if (places.some((place) => claimed.has(place))) continue
    if (!found.inTitle) places.forEach((place) => claimed.add(place))
    const inTitle = found.inTitle && !context.isBare && !wholePart(words, found)
    clauses.push({ ...found.meaning, start, end, inTitle })
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
function wholePart(words: readonly Word[], { from, to, meaning }: Claim): boolean {
  return (
    meaning.kind === 'person' &&
    from > 0 &&
    words[from - 1]?.breakAfter !== null &&
    (to === words.length || words[to - 1]?.breakAfter !== null)
  )
}

/** Reads a sentence as it stands, whole or half typed. The same text always gives the same reading. */
export function parseSentence(text: string, context: SentenceContext): Sentence {
  const words = wordsOf(text)
  const clauses = accepted(text, words, context)
  const title = titleWithout(text, clauses, context.isBare)
  if (context.isBare) return { title, clauses }
  if (/[\p{L}\p{N}\p{Extended_Pictographic}]/u.test(title)) return { title, clauses }
  const address = clauses
    .filter((clause) => clause.kind === 'address')
    .map((clause) => ({ ...clause, inTitle: true }))
  return { title: text.replace(/\s+/g, ' ').trim(), clauses: address }
}
