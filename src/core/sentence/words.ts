// Cutting a sentence into words with their places, and into parts at commas, colons and semicolons.

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
  readonly breakAfter: ',' | ';' | ':' | null
}

const quotes = /"[^"]*"|“[^”]*”/g

/** Every word of a sentence. Words between double quotes are marked as quoted. */
export function wordsOf(sentence: string): Word[] {
  const quotedRanges = [...sentence.matchAll(quotes)].map((match) => [match.index, match.index + match[0].length] as const)
  return [...sentence.matchAll(/\S+/g)].map((match) => {
    const start = match.index
    const isAddress = /^[a-z][a-z0-9+.-]*:\/\//i.test(match[0])
    const tail = (isAddress ? /[,;]+$/ : /[,;:.!?]+$/).exec(match[0])?.[0] ?? ''
    const typed = match[0].slice(0, match[0].length - tail.length)
    const mark = /[,;:]/.exec(tail)?.[0] as ',' | ';' | ':' | undefined
    return {
      start, end: start + typed.length, typed,
      text: typed.toLowerCase().replace(/[’]/g, "'"),
      quoted: quotedRanges.some(([from, to]) => start < to && start + match[0].length > from),
      breakAfter: mark ?? null,
    }
  })
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
