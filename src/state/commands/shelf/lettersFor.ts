import { lettersLimit } from '@/core/record'

/** The first two letters of a name, for a seal: "Client rooms" → "Cl". A leading emoji stands alone. */
export function lettersFor(name: string): string {
  const [first, second] = [...new Intl.Segmenter('en').segment(name.trim())].map(({ segment }) => segment)
  if (!first) return '?'
  if (/\p{Extended_Pictographic}/u.test(first) && first.length <= lettersLimit) return first
  const letters = first.toUpperCase() + (second && /\p{L}/u.test(second) ? second.toLowerCase() : '')
  return letters.length <= lettersLimit ? letters : '?'
}
