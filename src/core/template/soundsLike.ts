// Whether what was set down sounds like a template: it begins with the words of its title, whatever its blanks are
// filled with.

/** Words that only join others. */
const joining = new Set(['a', 'an', 'at', 'for', 'from', 'in', 'of', 'on', 'the', 'to', 'with', 'by', 'and'])

const wordsOf = (text: string): string[] =>
  text
    .replace(/‹[^‹›]*›/g, ' ')
    .split(/[\s,:;.!?]+/)
    .filter((word) => word !== '')

const plain = (word: string) => word.toLowerCase().normalize('NFC')

/**
 * What stands behind the words of the template's title, such as "Mill school"; null where it does not sound like it.
 */
export function soundsLike(text: string, templateTitle: string): string | null {
  const wanted = wordsOf(templateTitle)
    .map(plain)
    .filter((word) => !joining.has(word))
  if (wanted.length === 0 || wanted.join('').length < 3) return null
  const words = wordsOf(text)
  let at = 0
  for (const word of wanted) {
    while (at < words.length && joining.has(plain(words[at] as string))) at++
    if (plain(words[at] ?? '') !== word) return null
    at++
  }
  while (at < words.length && joining.has(plain(words[at] as string))) at++
  return words.slice(at).join(' ')
}
