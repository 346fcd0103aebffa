// Which runs of words may be a clause. A claim is looked for where it cannot be part of the title: at the end of a part
// (parts end at commas, colons, semicolons, dashes and before a bracket), as a whole part, or as a led phrase at the
// front. What is between double quotes is never claimed.
import { rulesOf } from '../facets'
import { titleLimit } from '../record'
import { claimsAtFront, claimsInMiddle, peopleInMiddle, remindMeTo } from './anywhere'
import { boundToTitle, determiners } from './boundToTitle'
import type { Claim, SentenceContext } from './claim'
import { readMeaning } from './readMeaning'
import { mayBeRepeat, readRepeat } from './repeatPhrase'
import { mayBeVerb } from './verbs'
import { waitingFrom } from './waitingFor'
import { partsOf, phraseOf, type Word } from './words'

const longestClause = 12
/** A rule with its time and its end. */
const longestRule = 24
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

/** The longest clause that ends right before word `end`. */
function clauseEndingAt(
  words: readonly Word[],
  partStart: number,
  end: number,
  context: SentenceContext,
): Claim | null {
  const reach = Math.max(longestRule, context.names.longestWords + 2)
  for (let from = Math.max(partStart, end - reach); from < end; from++) {
    if (end - from > longestClause && !mayBeRepeat(words[from]?.text ?? '')) continue
    if (words.slice(from, end).some((word) => word.quoted)) continue
    const reading = readMeaning(phraseOf(words, from, end), context, context.names)
    if (!reading) continue
    const found = { ...reading, from, to: end }
    // The longest reading decides: "the last half an hour" is not an hour either.
    return boundToTitle(words, found, partStart) ? null : found
  }
  return null
}

/** Words whose *at* leads to no time: "look at 3", "stop at 5". */
const timedAt = new Set('look aim stop start arrive priced sell stay capped laugh set kept from'.split(' '))

/** A word that names a day: an hour beside one is a time. */
const isDayWord = ({ text, quoted }: Word): boolean =>
  !quoted &&
  /^(?:today|tonight|tomorrow|daily|weekdays|(?:mon|tues|wednes|thurs|fri|satur|sun)days?)$/.test(text)

/**
 * A bare name at the very end counts where the words before it do not claim it: "ring Mum phone", not "buy a new
 * phone".
 */
function standsAlone(words: readonly Word[], found: Claim, partStart: number): boolean {
  const { kind } = found.meaning
  const isClaimed = words
    .slice(Math.max(partStart, found.from - 3), found.from)
    .some((word) => determiners.has(word.text) || /^\d|'s$/.test(word.text))
  // "call Mum at 5", but "the price is at 5".
  if (kind === 'at')
    return (
      (words.some(isDayWord) || (found.from - partStart >= 2 && mayBeVerb(words[partStart]?.text ?? ''))) &&
      !timedAt.has(words[found.from - 1]?.text ?? '')
    )
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
): Claim[] {
  const run: Claim[] = []
  let end = to
  for (
    let found = clauseEndingAt(words, from, end, context);
    found;
    found = end > from ? clauseEndingAt(words, from, end, context) : null
  ) {
    run.unshift(found)
    end = joinedBefore(words, found, from, context) ?? found.from
  }
  while (run.length > 0 && (run[0] as Claim).weak && !((run[0] as Claim).from === from && opened)) {
    const first = run[0] as Claim
    if (first.to === to && standsAlone(words, first, from))
      return [{ ...first, guess: first.guess ?? 'loose' }, ...run.slice(1)]
    run.shift()
  }
  return reachingBack(run)
}

/** "desk and phone", "at the desk or on site": where another context stands before the joining word, its place. */
function joinedBefore(
  words: readonly Word[],
  found: Claim,
  partStart: number,
  context: SentenceContext,
): number | null {
  const at = found.from - 1
  if (found.meaning.kind !== 'context' || at <= partStart || !/^(?:and|or)$/.test(words[at]?.text ?? ''))
    return null
  return clauseEndingAt(words, partStart, at, context)?.meaning.kind === 'context' ? at : null
}

/** The joining word between two contexts goes with the later one. */
function reachingBack(run: readonly Claim[]): Claim[] {
  return run.map((claim, index) => {
    const before = run[index - 1]
    return before && before.to === claim.from - 1 ? { ...claim, from: before.to } : claim
  })
}

/** A day at the front has to be led to, or it is part of a name: "next tuesday ring the bank", but "Friday prayers". */
const ledInFront =
  /^(?:next|this|on|in|at|by|before|within|not|hide|remind|tomorrow|today|tonight|every|each|a week on|\d{4}-)/
/** What goes on with the day itself: "next week and the week after", "tomorrow is a holiday". */
const goesOn = new Set('and or of in is was are will at on for with to as than until'.split(' '))

const monthWord = /^(?:jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)[a-z]*$/
/** "by 1 january 40000": a number behind a month is its year, also where there is no such year. */
const isCutOffYear = (words: readonly Word[], to: number): boolean =>
  monthWord.test(words[to - 1]?.text ?? '') && /^\d{4,}$/.test(words[to]?.text ?? '')

/** A led phrase at the very front, without a comma behind it: "not before 1 march renew the permit". */
function clauseAtFront(words: readonly Word[], context: SentenceContext): Claim | null {
  const first = words[0]?.text ?? ''
  if (!ledInFront.test(first) && !(first === 'a' && words[1]?.text === 'week')) return null
  for (let to = Math.min(longestClause, words.length - 1); to >= 1; to--) {
    if (words.slice(0, to).some((word) => word.quoted || word.breakAfter)) continue
    const reading = readMeaning(phraseOf(words, 0, to), context, context.names)
    if (!reading || !rulesOf(reading.meaning.kind)?.isInFront) continue
    if (isCutOffYear(words, to)) return null
    // "remind me at 4 to lock up": the joining word goes with it.
    if (reading.meaning.kind === 'reminder')
      return words[to]?.text === 'to' && words.length - to >= 2 ? { ...reading, from: 0, to: to + 1 } : null
    const isDue = reading.meaning.kind === 'notBefore' || reading.meaning.kind === 'due'
    if (isDue && to >= 2) return { ...reading, from: 0, to }
    // A day, a rule: something to do has to follow.
    const isFollowed = words.length - to >= 2 && !goesOn.has((words[to] as Word).text)
    if (isDue || !isFollowed) return null
    return { ...reading, guess: reading.guess ?? (to === 1 ? 'loose' : null), from: 0, to }
  }
  return null
}

const weekdayWord = /^(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*$/

/** Whether a comma before `at` stands between two weekdays. */
const goesOnWithWeekday = (words: readonly Word[], at: number): boolean =>
  words[at - 1]?.breakAfter === ',' &&
  weekdayWord.test(words[at - 1]?.text ?? '') &&
  (weekdayWord.test(words[at]?.text ?? '') || words[at]?.text === 'and')

/** "every mon, wed and fri": a rule whose days are set off by commas, up to the end of its part. */
function rulesOverCommas(words: readonly Word[], context: SentenceContext): Claim[] {
  return words.flatMap((word, from) => {
    if (!/^(?:every|each)$/.test(word.text) || word.quoted || word.breakAfter) return []
    let to = from + 1
    let isOver = false
    // On past each comma between two weekdays, up to the end of the part.
    while (to < words.length && (words[to - 1]?.breakAfter === null || goesOnWithWeekday(words, to))) {
      isOver ||= words[to - 1]?.breakAfter === ','
      to++
    }
    if (!isOver) return []
    const phrase = words
      .slice(from, to)
      .map(({ text, breakAfter }, index, all) => text + (breakAfter && index < all.length - 1 ? ',' : ''))
      .join(' ')
    const said = readRepeat(phrase, context)
    if (!said) return []
    const { rule, fromDone, at } = said
    const meaning = { kind: 'repeat', rule, fromDone, time: at?.time ?? null } as const
    return [{ meaning, weak: false, inTitle: false, guess: at?.guess ?? null, from, to }]
  })
}

/** "by friday" in mid-sentence, where a joining word goes on behind it. */
function dueInTheMiddle(words: readonly Word[], context: SentenceContext): Claim[] {
  return words.flatMap((word, from) => {
    if (from === 0 || word.text !== 'by' || word.quoted) return []
    for (let to = Math.min(from + 5, words.length - 1); to >= from + 2; to--) {
      const reading = joins.has((words[to] as Word).text)
        ? readMeaning(phraseOf(words, from, to), context, context.names)
        : null
      if (reading?.meaning.kind === 'due') return [{ ...reading, from, to }]
    }
    return []
  })
}

function links(words: readonly Word[]): Claim[] {
  return words.flatMap((word, from) =>
    !word.quoted && word.typed.length <= titleLimit && /^https?:\/\/\S+\.\S+/i.test(word.typed)
      ? [
          {
            meaning: { kind: 'link', link: word.typed },
            weak: false,
            inTitle: false,
            guess: null,
            from,
            to: from + 1,
          } as Claim,
        ]
      : [],
  )
}

/** Everything that may be a clause, best claim first. */
export function claimsOf(words: readonly Word[], context: SentenceContext): Claim[] {
  const parts = partsOf(words)
  const inParts = parts.flatMap((part, index) => {
    const opened = context.isBare || index > 0 || words[part[1] - 1]?.breakAfter === ':'
    return clausesOfPart(words, part, opened, context)
  })
  const front = clauseAtFront(words, context)
  const anywhere = context.isBare
    ? []
    : [
        ...claimsAtFront(words, parts[0]?.[1] ?? 0, context),
        ...parts.flatMap((part) => claimsInMiddle(words, part, context)),
        ...peopleInMiddle(words, context),
      ]
  const starts = parts.map(([from]) => from)
  return [
    ...links(words),
    ...(context.isBare ? [] : remindMeTo(words)),
    ...rulesOverCommas(words, context),
    ...starts.flatMap((from) => waitingFrom(words, from, context.names) ?? []),
    ...inParts.reverse(),
    ...(front ? [front] : []),
    ...dueInTheMiddle(words, context),
    ...anywhere,
  ]
}
