// What the store holds and tells.
import type { Change, Document, UndoState } from '@/core/journal'
import type { CalendarDate } from '@/core/time'
import type { Keeping } from './keeper'
import type { AppErrorCode, Quarantined } from '../persistence'

export interface StoreState {
  /** *Partly*: everything is there but the actions, which are still being read. */
  readonly phase: 'loading' | 'partly' | 'ready'
  readonly document: Document
  readonly undo: UndoState
  /** The changes of this sitting and the latest before it, in order. */
  readonly recent: readonly Change[]
  readonly today: CalendarDate
  readonly keeping: Keeping
  /** What was kept before could not be read: only what was done since is held. Null once it was read. */
  readonly unread: AppErrorCode | null
  readonly quarantined: readonly Quarantined[]
  /** A newer version of the application has written here: this one only reads. */
  readonly readOnly: boolean
}
