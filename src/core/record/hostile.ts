// Keys that would reach into every object of a program if they were ever copied carelessly, and lists within lists
// beyond anything that is kept. Looked for in files, and in every record before it is kept: one's own file is never
// refused.

export type Hostile =
  | { readonly kind: 'hostileKey'; readonly where: string; readonly key: string }
  | { readonly kind: 'tooDeep'; readonly where: string }

const deepest = 12
const hostileKeys = new Set(['__proto__', 'constructor', 'prototype'])

/**
 * The first hostile key in a value, or where it is too deep; null where there is neither. `where` is empty at the
 * top.
 */
export function hostileIn(value: unknown, where = '', depth = 0): Hostile | null {
  if (typeof value !== 'object' || value === null) return null
  if (depth > deepest) return { kind: 'tooDeep', where }
  for (const key of Object.keys(value)) {
    if (hostileKeys.has(key)) return { kind: 'hostileKey', where, key }
    const inside = where ? `${where}.${key}` : key
    const found = hostileIn((value as Record<string, unknown>)[key], inside, depth + 1)
    if (found) return found
  }
  return null
}
