import type { Action, Id } from '@/core/record'

/** The one of these actions that is called so, or that alone begins so; null where none is meant for certain. */
export function calledAmong(actions: readonly Action[], but: readonly Id<'action'>[]) {
  // Of a thousand that are told the same, the title is looked for once.
  const known = new Map<string, Id<'action'> | null>()
  const find = (said: string): Id<'action'> | null => {
    const others = actions.filter(({ id }) => !but.includes(id))
    const called = others.filter(({ title }) => title.toLowerCase() === said)
    const meant =
      called.length > 0 ? called : others.filter(({ title }) => title.toLowerCase().startsWith(said))
    return meant.length === 1 && meant[0] ? meant[0].id : null
  }
  return (title: string): Id<'action'> | null => {
    const said = title.trim().toLowerCase()
    const found = known.has(said) ? (known.get(said) ?? null) : find(said)
    known.set(said, found)
    return found
  }
}
