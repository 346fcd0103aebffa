// How the keys of the kept store are named. Keys sort in the order of their stamps.
import type { Stamp } from '@/core/journal'

export const formatVersion = 1

export const metaKey = 'meta'
export const changePrefix = 'change/'
export const piecePrefix = 'piece/'
export const historyPrefix = 'history/'
export const asidePrefix = 'aside/'

export const changeKey = (stamp: Stamp): string => `${changePrefix}${stamp}`
/** A piece of tier 0 holds the records of one fold; each higher tier gathers several of the tier below. */
export const pieceKey = (tier: number, stamp: Stamp, part: number): string => `${piecePrefix}${tier}/${stamp}/${String(part).padStart(5, '0')}`
export const historyKey = (stamp: Stamp, part = 0): string => `${historyPrefix}${stamp}/${String(part).padStart(5, '0')}`
export const tierOf = (key: string): number => Number(key.split('/')[1])
/** The keys that were written together share everything but the part. */
export const pieceName = (key: string): string => key.slice(0, key.lastIndexOf('/'))
