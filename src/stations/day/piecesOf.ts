import type { Action } from '@/core/record'
import type { TapePiece } from '@/ui/Tape'

/** What stands on the tape: a piece for each that is planned. */
export const piecesOf = (planned: readonly Action[]): TapePiece[] =>
  planned.map(({ id, title, minutes }) => ({ id, title, minutes: minutes ?? 0 }))
