import type { Action } from '../record/shapes'

/** Still to do: neither done nor let go. */
export const isOpen = (action: Action): boolean =>
  action.doneAtEpochMs === null && action.letGoAtEpochMs === null
