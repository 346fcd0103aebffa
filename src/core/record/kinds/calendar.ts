// A calendar that comes from elsewhere. Its events are no records: they are read from its file or its link, again and
// again, and what becomes of them there touches nothing here.
import type { BlobHash } from '../../blob/blobName'
import { inkCount, sides } from '../scales'
import { check, count, epochMs, flag, kind, line, nullable, oneOf, rank, title, withBlank } from './field'

export const calendar = kind(
  {
    name: title(),
    /** One of the inks, by its number. */
    ink: withBlank(count({ max: inkCount - 1 }), 0),
    /** The side of life its events are on; null for both. */
    side: nullable(oneOf(sides)),
    /** Its events are not shown, and take no time. */
    isHidden: flag,
    /** Its events are shown, and take no time. */
    isFree: flag,
    /** Where it is read again; null where it came as a file. */
    link: nullable(line()),
    /** The bytes of the file it came as; what was read from a link stays on the device that read it. */
    blob: nullable(check<BlobHash>('blob')),
    readAtEpochMs: nullable(epochMs),
    rank,
    addedAtEpochMs: epochMs,
  },
  { opens: true },
)
