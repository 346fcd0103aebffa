// Clauses in the middle of a sentence and at its front, where they are not set off by a comma: "ring Davit tomorrow
// about the box", "20 min tidy the desk". What is taken out of the middle must leave a sentence that reads on: so a
// clause is taken only where a word follows that goes on with what stood before it ("about", "with", "please"),
// another clause, or at the front the verb of the title. Anything else stays as it is: "the Friday list", "5 minutes
// of silence".
import { rulesOf } from '../facets'
import { kindOf } from '../record'
import type { Claim, SentenceContext } from './claim'
import { monthPattern, weekdayPattern } from './datePhrase'
import { readMeaning } from './readMeaning'
import type { Interpretation } from './interpretation'
import { beginsTitle, mayBeVerb } from './verbs'
import { phraseOf, type Word } from './words'

/** So many words are a clause in the middle of a sentence, at most. */
const longest = 9

/** What can be taken out of the middle. Weights and horizons that are words of every day are not among them. */
const isInMiddle = ({ meaning }: Interpretation): boolean => rulesOf(meaning.kind)?.isInMiddle === true
/** What can go along with one of these, right beside it. */
const isBeside = ({ meaning }: Interpretation): boolean => rulesOf(meaning.kind)?.isInMiddle !== undefined

const words = (list: string): ReadonlySet<string> => new Set(list.split(' '))
/** They go on with what stood before the clause: "ring Davit (tomorrow) about the box". */
const goesOn = words(
  'about with for to at in on from via so because if when while unless until regarding re concerning using without through into before after again please too instead once and then or but as well',
)
/** "ring her (on Friday) the minute she is back": a new thing begins. */
const beginsThing = words('the a an my our your his her their this that these those')
/** Words that a clause behind them belongs to: "the Friday list", "every 20 minutes", "last night". */
const binds = words(
  'psalm verse john luke ratio score chapter room the a an my our your his her their its this that these those some any no another every each last next past first second third per than between within since until till of and or good black casual by before after for about around only another extra spend spends spent wait waits waiting take takes took give gives allow allows lasts leave',
)
/** "5 minutes of silence", "20 minutes late", "an hour before". */
const bindsLength = words(
  'of late early later earlier ago before after past to per away apart long more less each old',
)
/** Behind these a title does not begin. */
const goesOnInFront = words(
  'and or of in is was are were will would at on for with to as than until has had but does did can',
)

const isOpen = (all: readonly Word[], from: number, to: number): boolean =>
  all
    .slice(from, to)
    .every(
      ({ quoted }, index) => !quoted && (index === to - from - 1 || all[from + index]?.breakAfter === null),
    )

/** "20 minute", "2 hour": it says what kind of thing follows. */
const isAdjective = (phrase: string): boolean =>
  /^(?:\d+|two|three|four|five|six)[ -]?(?:minute|hour)$/.test(phrase) && !/^1 /.test(phrase)

/** Words that a clause in the middle can begin with. Cheap: it spares the full reading of most words. */
const mayBegin = new RegExp(
  `^(?:\\d|~|${weekdayPattern}$|${monthPattern}$|(?:today|tonight|tomorrow|by|due|deadline|no|on|at|in|not|hide|next|this|coming|every|each|daily|weekly|fortnightly|monthly|quarterly|yearly|annually|weekdays|once|first|last|half|quarter|three|two|one|an?|noon|midday|for|about|around|from|between|remind|within|before|over|end|start|beginning|middle|mid|mid-\\w+|someday|some|low|medium|normal|high|couple|day|roughly|approx|(?:mon|tues|wednes|thurs|fri|satur|sun)days)$)`,
)

/** The longest reading from a word on, of kinds that are wanted. */
function readingFrom(
  all: readonly Word[],
  from: number,
  most: number,
  context: SentenceContext,
  wanted: (reading: Interpretation) => boolean,
): Claim | null {
  for (let to = Math.min(most, from + longest); to > from; to--) {
    if (!isOpen(all, from, to)) continue
    const reading = readMeaning(phraseOf(all, from, to), context, context.names)
    // The longest reading decides, whether it is wanted or not.
    if (reading) return wanted(reading) ? { ...reading, from, to } : null
  }
  return null
}

const isBound = (all: readonly Word[], found: Claim): boolean => {
  const before = all[found.from - 1]
  if (!before || before.breakAfter !== null) return false
  return binds.has(before.text) || /^\d|['’]s$/.test(before.text) || before.quoted
}

/** "at 3", "at noon": weak alone, and plain enough between a verb and a word that goes on. */
const isStrongEnough = ({ weak, meaning }: Interpretation): boolean => !weak || meaning.kind === 'at'

/** Whether a length is one of the work, and no part of what is said: "20 minutes of silence", "the 2 hour film". */
const isLengthOfWork = (all: readonly Word[], { from, to, meaning }: Claim): boolean =>
  meaning.kind !== 'minutes' ||
  (!isAdjective(phraseOf(all, from, to)) &&
    // "for half an hour before bed", but "20 minutes before the start".
    (!bindsLength.has(all[to]?.text ?? '') ||
      (all[from]?.text === 'for' && /^(?:before|after)$/.test(all[to]?.text ?? ''))))

/** Clauses right behind one another from a word on, within a part. */
function runFrom(all: readonly Word[], from: number, end: number, context: SentenceContext): Claim[] {
  const run: Claim[] = []
  let at = from
  while (at < end) {
    const isFirst = run.length === 0
    if (isFirst && !mayBegin.test(all[at]?.text ?? '')) break
    const found = readingFrom(all, at, end, context, (reading) =>
      isFirst
        ? isInMiddle(reading) && isStrongEnough(reading)
        : isBeside(reading) && (isStrongEnough(reading) || reading.meaning.kind === 'context'),
    )
    if (!found || !isLengthOfWork(all, found)) break
    run.push(found)
    at = found.to
  }
  return run
}

/** Whether the words behind a run go on with those before it. */
function readsOn(
  all: readonly Word[],
  run: readonly Claim[],
  end: number,
  context: SentenceContext,
): boolean {
  const last = run.at(-1) as Claim
  if (last.to === end) return true
  const [word, next] = [all[last.to], all[last.to + 1]]
  if (!word || word.quoted) return false
  if (word.text === 'and' || word.text === 'then')
    return beginsTitle(next?.text ?? '', all[last.to + 2]?.text, false)
  if (word.text === 'or' || word.text === 'but') return false
  // "yearly on 30 february": a rule that is not understood whole is not understood.
  if (last.meaning.kind === 'repeat' && /^(?:on|in|at|for|until|from)$/.test(word.text)) return false
  // "compare this week with last week"
  if (/^(?:last|next|this)$/.test(next?.text ?? '') && /^(?:day|horizon)$/.test(last.meaning.kind))
    return false
  if (goesOn.has(word.text)) {
    // "tomorrow at the end", "friday to monday": more of the same clause, which was not understood.
    const isMore =
      readMeaning(phraseOf(all, last.to, Math.min(end, last.to + 2)), context, context.names) !== null
    return !isMore || word.text === 'for' || word.text === 'with' || word.text === 'at' || word.text === 'on'
  }
  const [{ from }] = run as [Claim]
  const before = all[from - 1]?.text ?? ''
  // "send Priya tomorrow the form"
  const isGiven = context.names.byWords.has(before) || /^(?:him|her|them|us|me|it)$/.test(before)
  const isLed =
    isGiven || /^(?:by|due|on|at|every|each|not|remind|for|no|before)$/.test(all[from]?.text ?? '')
  return isLed && beginsThing.has(word.text)
}

/**
 * Runs of clauses in the middle of a part `[from, to)`; a clause at its very front only where the part is not the
 * first.
 */
export function claimsInMiddle(
  all: readonly Word[],
  [from, end]: readonly [number, number],
  context: SentenceContext,
): Claim[] {
  const found: Claim[] = []
  const first = from === 0 ? from + 1 : from
  for (let at = first; at < end - 1; at++) {
    const run = runFrom(all, at, end, context)
    const [head] = run
    const last = run.at(-1)
    if (!head || !last || last.to === end || isBound(all, head)) continue
    const isAlone = at === from + 1 && !isPlainTime(head) && !mayStandAlone(all, from, context)
    if (isAlone || !readsOn(all, run, end, context)) {
      // A clause is taken whole or not at all.
      at = last.to - 1
      continue
    }
    found.push(
      ...run.map((claim): Claim =>
        claim.weak ? { ...claim, weak: false, guess: claim.guess ?? 'loose' } : claim,
      ),
    )
    at = last.to - 1
  }
  return found
}

/** A day with its time is one wherever it is: "vet tomorrow at half past four with the cat". */
const isPlainTime = ({ meaning }: Claim): boolean => meaning.kind === 'at' && meaning.date !== null

/**
 * One word before a clause is a title's beginning where it is a verb or a name: "call tomorrow about", not "see
 * Friday for".
 */
const mayStandAlone = (all: readonly Word[], from: number, context: SentenceContext): boolean => {
  const word = all[from]?.text ?? ''
  return mayBeVerb(word) || context.names.byWords.has(word)
}

/** Clauses at the front of a sentence, where the verb of its title follows: "tomorrow 20 min ring Oda". */
export function claimsAtFront(all: readonly Word[], end: number, context: SentenceContext): Claim[] {
  const run = runFrom(all, 0, end, context)
  const last = run.at(-1)
  if (!last || last.to >= all.length || all[last.to - 1]?.breakAfter) return []
  const [word, next] = [all[last.to] as Word, all[last.to + 1]]
  // "quarterly review", "weekly letter": what kind of thing it is.
  if (/^\w+ly$/.test(all[0]?.text ?? '')) return []
  if (word.quoted || goesOnInFront.has(word.text)) return []
  // A day with a clock time needs no verb: "tomorrow 14:30 dentist".
  const [{ meaning, guess }] = run as [Claim]
  if (meaning.kind === 'at' && meaning.date !== null && guess === null) return run
  const isName = context.names.byWords.has(next?.text ?? '')
  return beginsTitle(word.text, next?.text, isName) ? run : []
}

const asksPeople = words(
  'ring call phone text email e-mail mail ask tell meet see remind thank write message pay chase visit invite brief show help send give bring lend teach with to for from',
)

/**
 * People who are named in the middle of a sentence, right behind a verb or a word that leads to them. The words stay.
 */
export function peopleInMiddle(all: readonly Word[], context: SentenceContext): Claim[] {
  return all.flatMap((word, at): Claim[] => {
    if (at === 0 || word.quoted || !asksPeople.has(all[at - 1]?.text ?? '') || all[at - 1]?.breakAfter)
      return []
    for (let to = Math.min(all.length, at + 3); to > at; to--) {
      const found = isOpen(all, at, to) ? context.names.byWords.get(phraseOf(all, at, to)) : undefined
      const people = found?.filter(({ id }) => kindOf(id) === 'person') ?? []
      const [only] = people
      if (!only || people.length > 1 || people.length !== found?.length) continue
      const isPart = only.name.toLowerCase() !== phraseOf(all, at, to)
      return [
        {
          meaning: { kind: 'person', name: only },
          weak: false,
          inTitle: true,
          guess: isPart ? 'partOfName' : null,
          from: at,
          to,
        },
      ]
    }
    return []
  })
}

/** "remind me to ring Oda at 5": a reminder of the time that is said, when it is. */
export function remindMeTo(all: readonly Word[]): Claim[] {
  const isSaid = ['remind', 'me', 'to'].every(
    (text, at) => all[at]?.text === text && !all[at]?.quoted && !all[at]?.breakAfter,
  )
  return isSaid && all.length > 3
    ? [
        {
          meaning: { kind: 'reminder', when: { kind: 'minutesBefore', minutes: 0 } },
          weak: false,
          inTitle: false,
          guess: null,
          from: 0,
          to: 3,
        },
      ]
    : []
}
