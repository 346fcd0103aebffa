// Kinds of record and their ids. An id carries its kind in its text: `action:3f9c…`.

export const kinds = [
  'slip',
  'action',
  'project',
  'area',
  'group',
  'context',
  'person',
  'reference',
  'review',
  'settings',
  'step',
  'repeat',
  'reminder',
  'file',
  'reading',
  'aside',
  'remark',
  'timeEntry',
  'checklist',
  'run',
  'note',
  'lens',
  'plan',
  'goal',
  'stage',
  'passage',
  'blank',
  'counted',
] as const
export type RecordKind = (typeof kinds)[number]

export type Id<K extends RecordKind = RecordKind> = `${K}:${string}`

export const kindOf = (id: string): RecordKind => id.slice(0, id.indexOf(':')) as RecordKind

export const isIdOf = <K extends RecordKind>(kind: K, id: string | null | undefined): id is Id<K> =>
  !!id && id.startsWith(`${kind}:`)

/** Longest title, in UTF-16 units. Longer text belongs in a note. */
export const titleLimit = 2000
export const noteLimit = 200_000
