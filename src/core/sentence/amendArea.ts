// Saying what changes in an area: the group it stands in, and how often it is looked through. See amend.
import type { Area, Group } from '../record'

export type AreaPatch = Partial<Pick<Area, 'groupId' | 'everyWeeks'>>

export interface AreaAmendment {
  readonly patch: AreaPatch
  readonly unread: readonly string[]
}

const plain = (text: string): string => text.toLowerCase().replace(/\s+/g, ' ').trim()

/** One part: a rhythm, or the name of a group; null where it is neither. */
function said(part: string, groups: readonly Pick<Group, 'id' | 'name'>[]): AreaPatch | null {
  const phrase = plain(part)
  if (/^(?:no|without a) group$/.test(phrase)) return { groupId: null }
  if (/^(?:never|not) looked through$/.test(phrase)) return { everyWeeks: null }
  if (/^(?:looked through )?every week$/.test(phrase)) return { everyWeeks: 1 }
  const weeks = Number(/^(?:looked through )?every (\d{1,3}) weeks?$/.exec(phrase)?.[1])
  if (weeks >= 1 && weeks <= 104) return { everyWeeks: weeks }
  const name = phrase.replace(/^(?:(?:move )?(?:in)?to|in|group)(?: the)? (?:group )?/, '')
  const named = groups.filter((group) => [phrase, name].includes(plain(group.name)))
  return named.length === 1 ? { groupId: named[0]?.id ?? null } : null
}

/** Reads what changes in an area: only what differs from it. `groups` are those it may stand in. */
export function amendArea(
  text: string,
  area: Area,
  groups: readonly Pick<Group, 'id' | 'name'>[],
): AreaAmendment {
  let patch: AreaPatch = {}
  const unread: string[] = []
  for (const part of text.split(/\s*[,;]\s*/).map((each) => each.trim())) {
    if (part === '') continue
    const change = said(part, groups)
    if (change) patch = { ...patch, ...change }
    else unread.push(part)
  }
  const changed = Object.entries(patch).filter(([field, value]) => area[field as keyof Area] !== value)
  return { patch: Object.fromEntries(changed) as AreaPatch, unread }
}
