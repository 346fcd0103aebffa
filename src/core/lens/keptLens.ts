// A lens as it is asked, out of how it is kept, and back. What is kept is keyed, so that two copies that each add a
// condition, a band or a sort keep both; what stands in its place already keeps its key and its rank.
import { checksumOf } from '../checksum'
import { isEqual } from '../isEqual'
import type { LensRecord } from '../record'
import { ranksKeeping } from '../record/ranksKeeping'
import { lensLimits, type Condition, type GroupField, type Lens, type LensBand, type SortField } from './lens'
import { aboutOf, inSentenceOrder } from './sentenceOrder'

export type KeptLens = Pick<LensRecord, 'conditions' | 'bands' | 'groups' | 'sorts' | 'done'>

/** `due~2` behind `due`, and `due~10` behind that. */
const numberOf = (key: string): number => Number(/~(\d+)$/.exec(key)?.[1] ?? 1)

const byRank = (
  [a, { rank: first }]: [string, { readonly rank: string }],
  [b, { rank: second }]: [string, { readonly rank: string }],
): number => {
  if (first !== second) return first < second ? -1 : 1
  return a < b ? -1 : 1
}

/** What a kept lens asks. */
export function lensIn(kept: KeptLens): Lens {
  const conditions = Object.entries(kept.conditions)
    .sort(([a], [b]) => numberOf(a) - numberOf(b) || (a < b ? -1 : 1))
    .map(([, condition]) => condition)
  return {
    conditions: inSentenceOrder(conditions).slice(0, lensLimits.conditions),
    bands: Object.entries(kept.bands)
      .sort(byRank)
      .slice(0, lensLimits.bands)
      .map(([, { name, where }]) => ({ name, where })),
    groups: [...new Set([kept.groups['1'], kept.groups['2']])].filter((field) => field !== undefined),
    sorts: Object.entries(kept.sorts)
      .sort(byRank)
      .slice(0, lensLimits.sorts)
      .map(([by, { down }]) => ({ by: by as SortField, down })),
    done: kept.done,
  }
}

function keptBands(bands: readonly LensBand[], before: KeptLens['bands']): KeptLens['bands'] {
  const left = new Map(Object.entries(before))
  const keys = bands.map((band) => {
    const same = [...left].find(
      ([, { name, where }]) => isEqual(where, band.where) && (name === band.name || band.name === ''),
    )
    const key = same?.[0] ?? `band-${checksumOf(JSON.stringify(band.where))}`
    left.delete(key)
    return key
  })
  const ranks = ranksKeeping(keys.map((key) => before[key]?.rank))
  return Object.fromEntries(bands.map((band, at) => [keys[at], { ...band, rank: ranks[at] as string }]))
}

function keptConditions(conditions: readonly Condition[]): KeptLens['conditions'] {
  const counts = new Map<string, number>()
  return Object.fromEntries(
    inSentenceOrder(conditions).map((condition) => {
      const about = aboutOf(condition)
      const number = (counts.get(about) ?? 0) + 1
      counts.set(about, number)
      return [number === 1 ? about : `${about}~${number}`, condition]
    }),
  )
}

/** How a lens is kept, over how it was kept before. */
export function keptOf(
  lens: Lens,
  before: KeptLens = { conditions: {}, bands: {}, groups: {}, sorts: {}, done: 'hidden' },
): KeptLens {
  const [outer, inner] = lens.groups as [GroupField?, GroupField?]
  const ranks = ranksKeeping(lens.sorts.map(({ by }) => before.sorts[by]?.rank))
  return {
    conditions: keptConditions(lens.conditions),
    bands: keptBands(lens.bands, before.bands),
    groups: { ...(outer ? { 1: outer } : {}), ...(inner ? { 2: inner } : {}) },
    sorts: Object.fromEntries(
      lens.sorts.map(({ by, down }, at) => [by, { down, rank: ranks[at] as string }]),
    ),
    done: lens.done,
  }
}
