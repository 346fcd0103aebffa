// Cutting a sentence into words with their places, and into parts at commas, colons, semicolons, dashes that stand
// alone, and before a bracket that ends the sentence. Every step is linear in the length of the sentence.

export interface Word {
  readonly start: number
  /** End of the word itself, without the punctuation that follows it. */
  readonly end: number
  /** In lower case, with straight apostrophes and no punctuation at its end. */
  readonly text: string
  /** As typed, without punctuation at its end. */
  readonly typed: string
  readonly quoted: boolean
  /** The break that ends its part of the sentence, if one follows. */
  readonly breakAfter: Break | null
}

export type Break = ',' | ';' | ':' | '-' | '('

const quotes = /"[^"]*"|“[^”]*”/g
const dashes = new Set(['-', '–', '—', '--'])
const startsWithNumber = /^\d/
const endsWithNumber = /\d$/
const dottedDate = /^\d{1,2}\.\d{1,2}\.(?=[,;:]?$)/
const isLink = /^[a-z][a-z0-9+.-]{0,20}:\/\//i

/** Where the run of `marks` at the end of a text begins. */
function tailFrom(text: string, marks: string): number {
  let at = text.length
  while (at > 0 && marks.includes(text[at - 1] as string)) at--
  return at
}

/** The bracket that a sentence ends with, as `[open, close]`; null where it ends otherwise. */
function bracketAtEnd(sentence: string): readonly [number, number] | null {
  const end = tailFrom(sentence, ' .!?\t\n') - 1
  if (sentence[end] !== ')') return null
  const open = sentence.lastIndexOf('(')
  const isWhole = open > 0 && /\s/.test(sentence[open - 1] as string) && sentence.indexOf(')', open) === end
  return isWhole ? [open, end] : null
}

interface Token {
  readonly start: number
  readonly raw: string
}

/** Runs of what is no space, with the bracket at the end taken off the words it holds. */
function tokensOf(sentence: string, bracket: readonly [number, number] | null): Token[] {
  const bare = bracket
    ? `${sentence.slice(0, bracket[0])} ${sentence.slice(bracket[0] + 1, bracket[1])} `
    : sentence
  return [...bare.matchAll(/\S+/g)].map((match) => ({ start: match.index, raw: match[0] }))
}

/** A dash between words is a break; between numbers it is a range: "2 - 3 hours". */
function isBreakingDash(tokens: readonly Token[], at: number): boolean {
  const before = tokens[at - 1]?.raw ?? ''
  const after = tokens[at + 1]?.raw ?? ''
  return dashes.has(tokens[at]?.raw ?? '') && !(endsWithNumber.test(before) && startsWithNumber.test(after))
}

/** Where the punctuation behind a word begins. The last dot of "25.3." is part of the date. */
function cutOf(raw: string): number {
  if (isLink.test(raw)) return tailFrom(raw, ',;')
  const dotted = dottedDate.exec(raw)
  return dotted ? dotted[0].length : tailFrom(raw, ',;:.!?')
}

/** Every word of a sentence. Words between double quotes are marked as quoted. */
export function wordsOf(sentence: string): Word[] {
  const bracket = bracketAtEnd(sentence)
  const tokens = tokensOf(sentence, bracket)
  const quoted = [...sentence.matchAll(quotes)].map(
    (match) => [match.index, match.index + match[0].length] as const,
  )
  const words: Word[] = []
  let quote = 0
  tokens.forEach(({ start, raw }, index) => {
    if (isBreakingDash(tokens, index)) return
    const next = tokens[index + 1]
    const cut = cutOf(raw)
    const typed = raw.slice(0, cut)
    const mark = [...raw.slice(cut)].find((sign) => sign === ',' || sign === ';' || sign === ':') as
      Break | undefined
    const before = words.at(-1)
    if (typed === '') {
      // Marks that stand alone belong to the word before them.
      if (before && mark && before.breakAfter === null)
        words[words.length - 1] = { ...before, breakAfter: mark }
      return
    }
    const opensBracket = bracket !== null && next && start < bracket[0] && next.start > bracket[0]
    const bracketBreak = opensBracket ? '(' : null
    while ((quoted[quote]?.[1] ?? Infinity) <= start) quote++
    const [from, to] = quoted[quote] ?? [Infinity, Infinity]
    words.push({
      start,
      end: start + typed.length,
      typed,
      text: typed.toLowerCase().replace(/[’]/g, "'"),
      quoted: start < to && start + raw.length > from,
      breakAfter: mark ?? (next && isBreakingDash(tokens, index + 1) ? '-' : bracketBreak),
    })
  })
  return words
}

/** The parts between breaks, as `[first, end)` indexes into the words. */
export function partsOf(words: readonly Word[]): (readonly [number, number])[] {
  const parts: (readonly [number, number])[] = []
  let from = 0
  words.forEach((word, index) => {
    if (word.breakAfter === null && index < words.length - 1) return
    parts.push([from, index + 1])
    from = index + 1
  })
  return parts
}

/** Words as they are compared, with one space between. */
export const phraseOf = (words: readonly Word[], from: number, to: number): string =>
  words
    .slice(from, to)
    .map((word) => word.text)
    .join(' ')
