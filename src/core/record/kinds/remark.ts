// What was said or seen of something, one after another: a call, a meeting.
import { noteLimit } from '../limits'
import { date, epochMs, kind, ref, title } from './field'
import { owners } from './owners'

export const remark = kind({
  ownerId: ref(owners, 'delete'),
  text: title(noteLimit),
  /** The day it speaks of. */
  date,
  writtenAtEpochMs: epochMs,
})
