// A file that lies with what it belongs to. Its bytes are kept apart, under their hash.
import type { BlobHash } from '../../blob/blobName'
import { check, count, epochMs, kind, nullable, rank, ref, text, title } from './field'
import { owners } from './owners'

export const file = kind({
  ownerId: ref(owners, 'delete'),
  name: title(),
  /** As its maker called it, such as "image/png"; empty where nothing was said. */
  mediaType: text(200, { expected: 'expected a media type' }),
  bytes: count(),
  blob: check<BlobHash>('blob'),
  /** The small picture of a picture. */
  smallBlob: nullable(check<BlobHash>('blob')),
  rank,
  addedAtEpochMs: epochMs,
})
