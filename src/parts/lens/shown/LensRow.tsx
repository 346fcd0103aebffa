// A row of a lens: the usual one, or with the details the lens shows.
import type { Action } from '@/core/record'
import { ActionRow } from '@/parts/rows/ActionRow'
import { detailOnRow } from '@/words/details'
import type { LensShown } from './lensProps'

export function LensRow({
  action,
  lens,
  look,
  details,
  showDay = true,
  showArea = true,
}: Pick<LensShown, 'lens' | 'look' | 'details'> & {
  readonly action: Action
  readonly showDay?: boolean
  readonly showArea?: boolean
}) {
  const told = look.details.map((field) => detailOnRow(field, action, details))
  return (
    <ActionRow
      action={action}
      showDay={showDay}
      showProject={!lens.groups.includes('project')}
      showArea={showArea && !lens.groups.includes('area')}
      details={look.details.length > 0 ? told.filter(Boolean).join(' · ') : undefined}
    />
  )
}
