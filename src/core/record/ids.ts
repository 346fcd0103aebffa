// Kinds of record and their ids. An id carries its kind in its text: `action:3f9c…`.
import { registry, type OpenableKind, type RecordKind } from './kinds'
import type { IdOf } from './limits'

export type { OpenableKind, RecordKind }
export { noteLimit, titleLimit } from './limits'

export const kinds = Object.keys(registry) as readonly RecordKind[]

export type Id<K extends RecordKind = RecordKind> = IdOf<K>

export const kindOf = (id: string): RecordKind => id.slice(0, id.indexOf(':')) as RecordKind

export const isIdOf = <K extends RecordKind>(kind: K, id: string | null | undefined): id is Id<K> =>
  !!id && id.startsWith(`${kind}:`)
