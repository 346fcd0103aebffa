// The words of a title that may tell what it belongs to.

const shortestWord = 3
const plainWords = new Set(
  'the and for with from about after again before being between but can could every have has into its more most next not now off one other our out over own per send she some than that their them then there these they this those through too under until was were what when where which while who will with would write you your'.split(
    ' ',
  ),
)

/** In lower case, each once. */
export const tellingWords = (title: string): string[] => [
  ...new Set(
    (title.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).filter(
      (word) => word.length >= shortestWord && !plainWords.has(word),
    ),
  ),
]

/** Singular and plural count as one. */
export const stemOf = (word: string): string => (word.length > 4 ? word.replace(/s$/, '') : word)
