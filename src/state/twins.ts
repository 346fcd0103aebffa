// Things that are much like a slip: open actions and other slips that share its telling words. Looked up by word, in
// indexes that follow each edit (tableIndex), so that only what shares a rare word is compared.
import { isOpen } from '@/core/action'
import { isThere, valuesOf, type Document } from '@/core/journal'
import type { Id, Slip } from '@/core/record'
import { likeness, rarity, stemsOf, twinsFrom } from '@/core/sorting/likeness'
import { makeTableIndex } from './tableIndex'

export interface Twin {
  readonly id: Id<'slip'> | Id<'action'>
  /** See `likeness`. */
  readonly likeness: number
}

const byId = (a: { id: string }, b: { id: string }) => (a.id < b.id ? -1 : 1)
const unordered = { compare: byId, inOrder: <R>(records: readonly R[]) => [...records] }
const actionsByStem = makeTableIndex('action', {
  keysOf: (action) => (isOpen(action) ? stemsOf(action.title) : []),
  ...unordered,
})
const slipsByStem = makeTableIndex('slip', {
  keysOf: ({ text, letGoAtEpochMs }) => (letGoAtEpochMs === null ? stemsOf(text) : []),
  ...unordered,
})

/** A word that stands in more than these tells little and would cost much. */
const mostWith = 400
const rarestLookedUp = 4

/** The likest first, at most `most`; none where nothing is much like it. */
export function twinsOf(document: Document, slip: Slip, title: string, most: number): readonly Twin[] {
  const own = stemsOf(title)
  const timesOf = (stem: string) => actionsByStem.count(document, stem) + slipsByStem.count(document, stem)
  let all = 0
  for (const kind of ['action', 'slip'] as const)
    for (const entry of valuesOf(document[kind])) if (isThere(entry)) all++
  const lookedUp = own
    .map((stem) => ({ stem, times: timesOf(stem) }))
    .filter(({ times }) => times > 0 && times <= mostWith)
    .sort((a, b) => a.times - b.times)
    .slice(0, rarestLookedUp)
  const found = new Map<Twin['id'], string>()
  for (const { stem } of lookedUp) {
    for (const { id, title: other } of actionsByStem.of(document, stem)) found.set(id, other)
    for (const { id, text } of slipsByStem.of(document, stem)) if (id !== slip.id) found.set(id, text)
  }
  return [...found]
    .map(([id, text]) => ({
      id,
      likeness: likeness(own, stemsOf(text), (stem) => rarity(timesOf(stem), all)),
    }))
    .filter((twin) => twin.likeness >= twinsFrom)
    .sort((a, b) => b.likeness - a.likeness || byId(a, b))
    .slice(0, most)
}
