// Saying what changes: a plain sentence of clauses alone, read against the action it is about.
//
//   "friday, 20 min, not on site, no due"
//   denials   not on site · no due          (parts that begin with no, not or without, and are no clause themselves)
//   clauses   friday: day · 20 min: minutes (all the rest, read as parseSentence reads them)
//   patch     day, minutes, contextIds, due (only what differs from the action)
//
// Law: saying what is already so changes nothing (amend.test.ts). What is not understood is given back, word for word.
import { allRules, facets, rulesOf } from '../facets'
import type { ActionPatch, Amendable, FacetField, PartsSaid } from '../facets/amendable'
import { inWords } from '../facets/sayDays'
import { isEqual } from '../isEqual'
import { kindOf } from '../record'
import type { CalendarDate } from '../time'
import type { SentenceContext } from './claim'
import type { Clause, Name } from './clause'
import type { Draft } from './draft'
import { draftOf } from './draftOf'
import { parseSentence, type Sentence } from './parseSentence'
import { readMeaning } from './readMeaning'

export interface Amendment {
  /** Only what differs from the action. */
  readonly patch: ActionPatch
  readonly parts: PartsSaid
  /** Words that name more than one thing, and what they may mean. */
  readonly questions: readonly { readonly words: string; readonly options: readonly Name[] }[]
  /** What was not understood, part by part as it was typed. */
  readonly unread: readonly string[]
}

/** "no due", "not waiting": what is taken off by its name. */
const takingOff = facets.flatMap(({ off }) => off ?? [])

const denial = /^(?:no|not|without) (?:a |an |any |the )?(.+)$/
/** Parts end at commas and semicolons, and before a denial that is joined on: "20 min and not on site". */
const partsOf = (text: string): string[] =>
  text
    .split(/\s*[,;]\s*|\s+(?:and|but)\s+(?=(?:no|not|without)\s)/i)
    .map((part) => part.trim())
    .filter((part) => part !== '')

/** What denying a meaning does to an action; null where there is nothing to deny. */
const denied = (action: Amendable, clause: Clause, today: CalendarDate): ActionPatch | null =>
  rulesOf(clause.kind)?.deny?.(action, clause, today) ?? null

/** What is taken in the order of the words comes first; then what builds on what another clause has set. */
const orderOf = ({ kind }: Clause): number => rulesOf(kind)?.order ?? 0

function patchBetween(before: Amendable, after: Amendable): ActionPatch {
  const changed = Object.entries(after).filter(
    ([field, value]) => !isEqual(before[field as FacetField], value),
  )
  return Object.fromEntries(changed) as ActionPatch
}

/** What was read last: of a thousand actions that are told the same, the words are read once. */
let latest: { readonly of: SentenceContext; readonly found: Map<string, Sentence> } | null = null
const mostKept = 32

function readBare(words: string, context: SentenceContext): Sentence {
  const { names, today, weekStartsOn } = context
  const { minute } = context
  const { of, found } = latest ?? {}
  const isSame =
    of?.names === names && of.today === today && of.weekStartsOn === weekStartsOn && of.minute === minute
  const kept = isSame && found && found.size < mostKept ? found : new Map<string, Sentence>()
  latest = { of: { names, today, weekStartsOn, minute }, found: kept }
  const known = kept.get(words)
  if (known) return known
  const sentence = parseSentence(words, { names, today, weekStartsOn, minute, takenOff: [], isBare: true })
  kept.set(words, sentence)
  return sentence
}

/** What is said of records that belong to the action, and the kinds of clause that say it. */
function alongsideSaid(draft: Draft, action: Amendable) {
  let parts: PartsSaid = {}
  let amended = action
  const read = new Set<string>()
  for (const { alongside, clauses } of facets) {
    const found = alongside?.(draft, amended)
    if (!found) continue
    parts = { ...parts, ...found.parts }
    amended = { ...amended, ...found.patch }
    for (const kind of Object.keys(clauses)) read.add(kind)
  }
  return { parts, amended, read }
}

/** The kind of clause that a part names as what is to change; null where it names none. */
const kindNamed = (part: string): Clause['kind'] | null =>
  allRules.find(([, { namedBy }]) => namedBy?.test(inWords(part)))?.[0] ?? null

/**
 * Whether a part names one thing and would be read as another: "remind me at breakfast tomorrow" never moves an
 * action.
 */
function namesAnother(part: string, read: (words: string) => Sentence): boolean {
  const named = kindNamed(part)
  if (!named) return false
  const { clauses } = read(part)
  return clauses.length > 0 && !clauses.some(({ kind }) => kind === named)
}

/** Reads what changes in an action. `context.takenOff` is not looked at. */
export function amendAction(text: string, action: Amendable, context: SentenceContext): Amendment {
  const { today } = context
  let amended = action
  let parts: PartsSaid = {}
  const unread: string[] = []
  const questions: { words: string; options: readonly Name[] }[] = []
  const rest: string[] = []
  const read = (words: string) => readBare(words, context)

  const deny = (part: string): boolean => {
    const what = denial.exec(inWords(part))?.[1]
    if (what === undefined || readMeaning(inWords(part), context, context.names)) return false
    const off = takingOff.find(({ called }) => called.test(what))
    if (off?.parts) {
      parts = { ...parts, ...off.parts }
      return true
    }
    const sentence = read(what)
    const [clause] = sentence.clauses
    const isWhole = sentence.title === '' && sentence.clauses.length === 1
    if (clause?.kind === 'question' && isWhole) {
      // Of several of one name, the one that is there is meant.
      const there: readonly unknown[] = Object.values(amended).flat()
      const meant = clause.options.filter(({ id }) => there.includes(id))
      if (meant.length !== 1) return questions.push({ words: what, options: clause.options }) > 0
      const [name] = meant as [Name]
      const same = { ...clause, kind: kindOf(name.id), name } as unknown as Clause
      amended = { ...amended, ...denied(amended, same, today) }
      return true
    }
    const patch = off?.patch ?? (clause && isWhole ? denied(amended, clause, today) : null)
    if (patch) amended = { ...amended, ...patch }
    return patch !== null
  }

  /** What a whole part says of records that belong to the action. */
  const isOfParts = (part: string): boolean =>
    facets.some((facet) => {
      const found = facet.partsOf?.(part, parts, context) ?? null
      if (found) parts = { ...parts, ...found }
      return found !== null
    })

  for (const part of partsOf(text)) {
    if (deny(part) || isOfParts(part)) continue
    if (namesAnother(part, read)) unread.push(part)
    else rest.push(part)
  }

  const positive = rest
    .map((part) => facets.reduce((so, { reword }) => (reword ? reword(so) : so), part))
    .join(', ')
  const sentence = read(positive)
  const inOrder = [...sentence.clauses].sort((a, b) => orderOf(a) - orderOf(b))
  const along = alongsideSaid(draftOf(sentence, today), amended)
  parts = { ...parts, ...along.parts }
  amended = along.amended
  for (const clause of inOrder) {
    const words = positive.slice(clause.start, clause.end)
    if (along.read.has(clause.kind)) continue
    if (clause.kind === 'question') {
      questions.push({ words, options: clause.options })
      continue
    }
    const patch = rulesOf(clause.kind)?.set?.(amended, clause, { words, parts: rest, today })
    if (patch) amended = { ...amended, ...patch }
    else unread.push(words)
  }
  unread.push(...partsOf(sentence.title).filter((part) => /[\p{L}\p{N}]/u.test(part)))
  for (const { follow } of facets) if (follow) amended = { ...amended, ...follow(action, amended) }
  return { patch: patchBetween(action, amended), parts, questions, unread }
}
