// What every chooser of a field is given, and what several of them need.
import type { Id, Project } from '@/core/record'
import type { ActionPatch } from '@/core/sentence'
import type { Outcome } from '@/state'
import type { Sayable, SaidField } from '@/words'

export interface ChooserProps {
  readonly field: SaidField
  readonly of: Sayable
  readonly anchor: DOMRect | null
  /** Instead of the field's own name, where the chooser stands alone. */
  readonly title?: string
  readonly onSet: (patch: ActionPatch) => void
  readonly onClose: () => void
}

export interface ProjectChooserProps extends Pick<ChooserProps, 'field' | 'anchor' | 'onClose'> {
  readonly of: Pick<
    Project,
    | 'id'
    | 'state'
    | 'begins'
    | 'due'
    | 'areaId'
    | 'parentId'
    | 'personIds'
    | 'goalIds'
    | 'afterIds'
    | 'inOrder'
    | 'notUntil'
    | 'stageId'
    | 'ending'
    | 'letters'
  >
  readonly onSet: (
    patch: Partial<Pick<Project, 'state' | 'begins' | 'due' | 'areaId' | 'personIds' | 'notUntil'>>,
  ) => void
}

/** The record that a command has just made. */
export const madeIn = <K extends 'context' | 'person' | 'project' | 'area' | 'goal'>(
  outcome: Outcome,
): Id<K> | null => {
  const part = outcome.ok ? outcome.value[0] : undefined
  return part?.kind === 'added' ? (part.record.id as Id<K>) : null
}

export const options = <T extends string>(values: readonly T[], words?: Readonly<Record<T, string>>) =>
  values.map((value) => ({ value, label: words?.[value] ?? value }))

/** A set with one member more, or without it where it was there. */
export const toggled = <T>(set: readonly T[], member: T): T[] =>
  set.includes(member) ? set.filter((other) => other !== member) : [...set, member]
