// Fields that people fill member by member: sets, and maps from a name to a value. Each member is written, merged and
// taken back on its own, so that two copies that each add one keep both.
import { kindOf } from './ids'
import { registry } from './kinds'
import type { Fields } from './kinds/field'

export type MemberShape = 'set' | 'map'

const membersIn = (fields: Fields): Readonly<Record<string, MemberShape>> =>
  Object.fromEntries(
    Object.entries(fields).flatMap(([name, { type }]) =>
      type === 'set' || type === 'map' ? [[name, type]] : [],
    ),
  )
const shapes: Readonly<Record<string, Readonly<Record<string, MemberShape>>>> = Object.fromEntries(
  Object.entries(registry).map(([kind, { fields }]) => [kind, membersIn(fields)]),
)

const none: Readonly<Record<string, MemberShape>> = {}

/** The fields of a record, by its id, that are kept member by member. */
export const memberFieldsOf = (id: string): Readonly<Record<string, MemberShape>> =>
  Object.hasOwn(shapes, kindOf(id)) ? (shapes[kindOf(id)] as Readonly<Record<string, MemberShape>>) : none

/** The members of a field's value; a set's members stand for themselves. */
export function membersOf(value: unknown): Map<string, unknown> {
  if (Array.isArray(value)) return new Map(value.map((member) => [String(member), true]))
  return new Map(typeof value === 'object' && value !== null ? Object.entries(value) : [])
}

/** A field's value from its members, in one order whatever the way it came about. */
export function fromMembers(members: ReadonlyMap<string, unknown>, shape: MemberShape): unknown {
  const names = [...members.keys()].sort()
  return shape === 'set' ? names : Object.fromEntries(names.map((name) => [name, members.get(name)]))
}

/** Whether a value can be taken apart into members; what cannot is left for the checks to find. */
function hasShape(value: unknown, shape: MemberShape): boolean {
  if (shape === 'set') return Array.isArray(value) && value.every((member) => typeof member === 'string')
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

/** A record whose member fields are in their one order. */
export function inMemberOrder<R extends { readonly id: string }>(record: R): R {
  const fields = memberFieldsOf(record.id)
  const ordered: Record<string, unknown> = { ...record }
  for (const field in fields) {
    const shape = fields[field] as MemberShape
    if (hasShape(ordered[field], shape)) ordered[field] = fromMembers(membersOf(ordered[field]), shape)
  }
  return ordered as R
}
