import type { RecordKind, RecordOf } from '@/core/record'

export interface KindWords<K extends RecordKind> {
  readonly singular: string
  readonly plural: string
  /** What a field is called in the history; null where it is not told there. */
  readonly fields: Readonly<Record<Exclude<keyof RecordOf[K], 'id'>, string | null>>
}

/** The words of every kind: they load soon after the start (see held/reader). */
export type KindsInWords = { readonly [K in RecordKind]: KindWords<K> }
