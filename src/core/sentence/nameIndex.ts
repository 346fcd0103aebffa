// Finds known names by their words in constant time, however many there are.
import { kindOf } from '../record'
import type { Name } from './clause'

export interface NameIndex {
  readonly byWords: ReadonlyMap<string, readonly Name[]>
  readonly longestWords: number
}

const wordsOf = (name: string): string[] =>
  name.toLowerCase().replace(/[’]/g, "'").split(/\s+/).filter(Boolean)

/**
 * Whole names; for projects their first words too (two or more): "Fenwick Hall" for "Fenwick Hall echo report"; for
 * people their first name alone: "Per" for "Per Lindqvist".
 */
export function makeNameIndex(names: Iterable<Name>): NameIndex {
  const whole = new Map<string, Name[]>()
  const partial = new Map<string, Name[]>()
  let longestWords = 1
  const put = (map: Map<string, Name[]>, words: string[], name: Name) => {
    const key = words.join(' ')
    map.set(key, [...(map.get(key) ?? []), name])
    longestWords = Math.max(longestWords, words.length)
  }
  for (const name of names) {
    const words = wordsOf(name.name)
    if (words.length === 0) continue
    put(whole, words, name)
    if (kindOf(name.id) === 'project')
      for (let count = 2; count < words.length; count++) put(partial, words.slice(0, count), name)
    if (kindOf(name.id) === 'person' && words.length > 1) put(partial, words.slice(0, 1), name)
  }
  for (const [key, found] of partial) if (!whole.has(key)) whole.set(key, found)
  return { byWords: whole, longestWords: Math.min(longestWords, 8) }
}
