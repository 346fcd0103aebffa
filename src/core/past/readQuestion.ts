// A question about one's own past, out of a plain sentence: what is asked, of what, of whom, and of which days. Null
// where a sentence asks nothing of the kind: then it is a search for words.
import type { Calendar } from '../sentence/datePhrase'
import type { DaySpan } from '../lookBack'
import { daysBetween } from '../time'
import { usualStillDays, type PastQuestion, type QuestionKind } from './question'
import { readDaysLong, readPastSpan } from './readPastSpan'

interface Form {
  readonly kind: QuestionKind
  readonly shape: RegExp
  readonly ofProjects?: true
}

/** What follows the beginning of a question: what it is about, for whom, and when. */
const forms: readonly Form[] = [
  { kind: 'lastTime', shape: /^when (?:did|have) (?:i|we) (?:last|most recently) (.+)$/ },
  { kind: 'lastTime', shape: /^when was the last time (?:i|we) (.+)$/ },
  { kind: 'lastTime', shape: /^when did (?:i|we) (.+?) last$/ },
  { kind: 'lastTime', shape: /^last time (?:i |we )?(.+)$/ },
  {
    kind: 'howLong',
    shape:
      /^how long (?:did|does|do) (?!i |we )(?:the )?(?:last )?(.+?) (?:take|last|need)(?: me| us)?(?: (.+))?$/,
  },
  { kind: 'howLong', shape: /^how long (?:did|have) (?:i|we) (?:need|needed) for (?:the )?(?:last )?(.+)$/ },
  {
    kind: 'howMany',
    shape: /^how many projects (?:did|have) (?:i|we) (?:finish|finished|complete|completed)(?: (.+))?$/,
    ofProjects: true,
  },
  {
    kind: 'howMuch',
    shape:
      /^how (?:much time|many hours|many minutes|long) (?:did|have) (?:i|we) (?:spend|spent|work|worked|do|done|put)(?: (?:on|in|into))?(?: (.+))?$/,
  },
  {
    kind: 'howMany',
    shape:
      /^how many (?:actions|things|tasks) (?:did|have) (?:i|we) (?:do|done|finish|finished|tick|ticked)(?: (.+))?$/,
  },
  { kind: 'howMany', shape: /^how (?:often|many times) (?:did|have) (?:i|we) (.+)$/ },
  {
    kind: 'done',
    shape: /^what (?:did|have) (?:i|we) (?:do|done|finish|finished|get done|achieve|achieved)(?: (.+))?$/,
  },
  { kind: 'done', shape: /^what was done(?: (.+))?$/ },
  { kind: 'waiting', shape: /^(?:who(?:m)?|what) (?:am i|are we) (?:still )?waiting for(?: (.+))?$/ },
  { kind: 'waiting', shape: /^who is (?:still )?(?:waiting|waited for|outstanding)(?: (.+))?$/ },
  { kind: 'waiting', shape: /^who (?:still )?owes me(?: something| anything)?(?: (.+))?$/ },
  {
    kind: 'untouched',
    shape:
      /^(?:which|what) projects (?:have|did) (?:i|we) not (?:touch|touched|move|moved|work(?:ed)? on)(?: (.+))?$/,
  },
  {
    kind: 'untouched',
    shape: /^(?:which|what) projects (?:haven’t|haven't) (?:i|we) (?:touched|moved|worked on)(?: (.+))?$/,
  },
  {
    kind: 'untouched',
    shape: /^(?:which|what) projects (?:are|have been) (?:untouched|standing still|still)(?: (.+))?$/,
  },
]

/**
 * Longer texts are no question, and days are said in so many words at most: "between 2 February 2025 and 6 March 2026".
 */
const [longestQuestion, mostSpanWords] = [300, 9]

/** What days begin with that stand before something else: "in May for Oda". */
const spanBegins = /^(?:in|during|since|before|after|until|between|last|this|yesterday|today)$/

/** The words that say days, at the end if they stand there, as many as do; and the words around them. */
function withoutSpan(
  words: string,
  calendar: Calendar,
): { readonly rest: string; readonly span: DaySpan | null } {
  const all = words.split(' ').filter((word) => word !== '')
  const spanIn = (at: number, end: number) => {
    const span = readPastSpan(all.slice(at, end).join(' '), calendar)
    return span && { rest: [...all.slice(0, at), ...all.slice(end)].join(' '), span }
  }
  for (let at = Math.max(0, all.length - mostSpanWords); at < all.length; at++) {
    const found = spanIn(at, all.length)
    if (found) return found
  }
  for (let at = 0; at < all.length; at++) {
    if (!spanBegins.test(all[at] as string)) continue
    for (let end = Math.min(all.length - 1, at + mostSpanWords); end > at; end--) {
      const found = spanIn(at, end)
      if (found) return found
    }
  }
  return { rest: all.join(' '), span: null }
}

const namedForm = /^(?:(.*) )?(?:for|with|from|in|on|at) (?:the )?([^ ].*)$/

export function readQuestion(text: string, calendar: Calendar): PastQuestion | null {
  if (text.length > longestQuestion) return null
  const said = text
    .toLowerCase()
    .replace(/[?!.]+\s*$/, '')
    .replace(/\s+/g, ' ')
    .trim()
  for (const { kind, shape, ofProjects = false } of forms) {
    const found = shape.exec(said)
    if (!found) continue
    const words = found.slice(1).filter(Boolean).join(' ').replace('since before ', 'before ')
    if (kind === 'untouched') {
      const long = readDaysLong(words, calendar.today) ?? readPastSpan(words, calendar)
      const days = long ? daysBetween(long.from, calendar.today) : usualStillDays
      return { kind, about: '', named: null, span: null, days, ofProjects: true }
    }
    const { rest, span } = withoutSpan(words, calendar)
    // What was last done is about all its words: "ring the tile maker for Oda" is one thing.
    const name = kind === 'lastTime' || kind === 'howLong' ? null : namedForm.exec(` ${rest}`.trimStart())
    const [about, named] = name ? [name[1] ?? '', name[2] ?? null] : [rest, null]
    return { kind, about: about.trim(), named, span, days: null, ofProjects }
  }
  return null
}
