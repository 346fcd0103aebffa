// How the keys of the kept store are named. Keys sort in the order of their timestamps.
import { isTimestamp, laterTimestamp, never, type Timestamp } from '@/core/journal'

export const metaKey = 'meta'
export const changePrefix = 'change/'
export const segmentPrefix = 'piece/'
export const historyPrefix = 'history/'
/** The journal that a file brought: told in histories and saved in files, never taken back act by act. */
export const broughtPrefix = 'brought/'
/** Which records a portion of the journal tells of: `index/` before the portion's own key. */
export const indexPrefix = 'index/'
export const quarantinePrefix = 'aside/'

const chunkName = (index: number): string => String(index).padStart(5, '0')

export const changeKey = (stamp: Timestamp): string => `${changePrefix}${stamp}`
/**
 * A segment of tier 0 holds the records of one compaction; each higher tier holds several of the tier below. `by` is
 * who made it.
 */
export const segmentKey = (tier: number, stamp: Timestamp, by: string, index: number): string =>
  `${segmentPrefix}${tier}/${stamp}~${by}/${chunkName(index)}`
/** As `segmentKey`, for a chunk that holds actions alone: by far the most, and not needed by the first station. */
export const actionSegmentKey = (tier: number, stamp: Timestamp, by: string, index: number): string =>
  `${segmentPrefix}${tier}/${stamp}~${by}/a${chunkName(index)}`
export const isActionSegment = (key: string): boolean => key.startsWith(segmentPrefix) && /\/a\d+$/.test(key)
/** Named by its first and its last change: two portions that differ never share a key. */
export const historyKey = (first: Timestamp, last: Timestamp, by: string): string =>
  `${historyPrefix}${first}/${last}~${by}`
export const indexKey = (portionKey: string): string => `${indexPrefix}${portionKey}`
export const broughtKey = (stamp: Timestamp, index: number): string =>
  `${broughtPrefix}${stamp}/${chunkName(index)}`
export const tierOf = (key: string): number => Number(key.split('/')[1])
/** The keys that were written together share everything but the chunk. */
export const segmentName = (key: string): string => key.slice(0, key.lastIndexOf('/'))

/**
 * The latest timestamp named in any of these keys. No kept record was written later than the key of its segment says.
 */
export const latestInKeys = (keys: readonly string[]): Timestamp =>
  keys
    .flatMap((key) => key.split(/[/~]/))
    .filter(isTimestamp)
    .reduce<Timestamp>(laterTimestamp, never)

export const under = (keys: readonly string[], prefix: string): string[] =>
  keys.filter((key) => key.startsWith(prefix)).sort()
