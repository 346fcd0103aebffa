// Small numbers as people write them out.
const written = 'one two three four five six seven eight nine ten eleven twelve'.split(' ')

export const numberWords: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  ...Object.fromEntries(written.map((word, index) => [word, index + 1])),
}

/** A pattern for a whole number in digits (up to three) or written out. */
export const numberForm = `\\d{1,3}|an?|${written.join('|')}`

/** What `numberForm` found. */
export const numberOf = (word: string): number => numberWords[word] ?? Number(word)

/** "first" to "fourth" and "last", as a rule counts them. */
export const ordinals: Readonly<Record<string, number>> = {
  first: 1,
  '1st': 1,
  second: 2,
  '2nd': 2,
  third: 3,
  '3rd': 3,
  fourth: 4,
  '4th': 4,
  last: -1,
}
