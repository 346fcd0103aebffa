// A plain sentence straight into a project, as its next action.
import type { Id } from '@/core/record'
import { AddActionLine } from '@/parts/capture/AddActionLine'

export const NextAction = ({
  id,
  ...line
}: {
  readonly id: Id<'project'>
  readonly label?: string
  readonly autoFocus?: boolean
  readonly isMain?: boolean
  readonly onAdded?: () => void
}) => <AddActionLine {...line} as={(draft) => ({ ...draft, projectId: id, areaId: null })} />
