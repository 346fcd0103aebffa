// Blanks in the words of a template: `‹Place›` stands for what is asked when it is used.
const marked = /‹([^‹›\n]{1,80})›/g

export const blankMark = (name: string): string => `‹${name}›`

/** The names of the blanks in a text, each once, in their order. */
export const blanksIn = (text: string): string[] => [
  ...new Set([...text.matchAll(marked)].map(([, name]) => (name as string).trim())),
]

/** A text with its blanks filled; one that has no answer is left as it stands. */
export const filled = (text: string, answers: ReadonlyMap<string, string>): string =>
  text.includes('‹') ? text.replace(marked, (mark, name: string) => answers.get(name.trim()) ?? mark) : text

/** A line with its blanks filled. */
export const filledLine = (text: string, answers: ReadonlyMap<string, string>): string =>
  filled(text, answers).replace(/\s+/g, ' ').trim()

/** Whether an answer is a number, as people write one: "12", "1 200", "3,5", "-4.25", "80 %". */
export const isNumberSaid = (text: string): boolean =>
  /^[-+−]?\d{1,3}(?:(?:[ .,’']?\d{3})*|\d*)(?:[.,]\d+)?\s?%?$/.test(text.trim())

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** A text in which words are made a blank, wherever they stand as words of their own. */
export const asBlank = (text: string, words: string, name: string): string =>
  text.replace(new RegExp(`(?<![\\p{L}\\p{N}‹])${escaped(words)}(?![\\p{L}\\p{N}›])`, 'gu'), () =>
    blankMark(name),
  )

const capitalised = /(?<![\p{L}\p{N}‹])\p{Lu}[\p{L}\p{N}’'-]*(?: \p{Lu}[\p{L}\p{N}’'-]*)*/gu

/**
 * What looks like names in some texts, the most often met first: words with capitals that do not begin a sentence, or
 * several together that stand in more than one text. "Oda’s" is of Oda.
 */
export function namesIn(texts: readonly string[]): string[] {
  const met = new Map<string, { count: number; isInside: boolean }>()
  for (const text of texts)
    for (const found of text.matchAll(capitalised)) {
      const name = found[0].replace(/[’']s$/, '').replace(/[.’'-]+$/, '')
      const before = met.get(name) ?? { count: 0, isInside: false }
      const isInside = found.index > 0 && !/[.!?]\s*$/.test(text.slice(0, found.index))
      met.set(name, { count: before.count + 1, isInside: before.isInside || isInside })
    }
  return [...met]
    .filter(
      ([name, { count, isInside }]) => name.length > 1 && (isInside || (count > 1 && name.includes(' '))),
    )
    .sort((a, b) => b[1].count - a[1].count || b[0].length - a[0].length)
    .map(([name]) => name)
}
