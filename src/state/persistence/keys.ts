// How the keys of the kept store are named. Keys sort in the order of their stamps.
import { isStamp, laterStamp, never, type Stamp } from '@/core/journal'

export const metaKey = 'meta'
export const changePrefix = 'change/'
export const piecePrefix = 'piece/'
export const historyPrefix = 'history/'
/** The journal that a file brought: told in histories and saved in files, never taken back act by act. */
export const broughtPrefix = 'brought/'
/** Which records a portion of the journal tells of: `index/` before the portion's own key. */
export const indexPrefix = 'index/'
export const asidePrefix = 'aside/'

const part = (index: number): string => String(index).padStart(5, '0')

export const changeKey = (stamp: Stamp): string => `${changePrefix}${stamp}`
/**
 * A piece of tier 0 holds the records of one fold; each higher tier gathers several of the tier below. `by` is who
 * made it.
 */
export const pieceKey = (tier: number, stamp: Stamp, by: string, index: number): string =>
  `${piecePrefix}${tier}/${stamp}~${by}/${part(index)}`
/** As `pieceKey`, for a part that holds actions alone: by far the most, and not needed by the first station. */
export const laterPieceKey = (tier: number, stamp: Stamp, by: string, index: number): string =>
  `${piecePrefix}${tier}/${stamp}~${by}/a${part(index)}`
export const isLaterPiece = (key: string): boolean => key.startsWith(piecePrefix) && /\/a\d+$/.test(key)
/** Named by its first and its last change: two portions that differ never share a key. */
export const historyKey = (first: Stamp, last: Stamp, by: string): string =>
  `${historyPrefix}${first}/${last}~${by}`
export const indexKey = (portionKey: string): string => `${indexPrefix}${portionKey}`
export const broughtKey = (stamp: Stamp, index: number): string => `${broughtPrefix}${stamp}/${part(index)}`
export const tierOf = (key: string): number => Number(key.split('/')[1])
/** The keys that were written together share everything but the part. */
export const pieceName = (key: string): string => key.slice(0, key.lastIndexOf('/'))

/** The latest stamp named in any of these keys. No kept record was written later than the key of its piece says. */
export const latestInKeys = (keys: readonly string[]): Stamp =>
  keys
    .flatMap((key) => key.split(/[/~]/))
    .filter(isStamp)
    .reduce<Stamp>(laterStamp, never)

export const under = (keys: readonly string[], prefix: string): string[] =>
  keys.filter((key) => key.startsWith(prefix)).sort()
