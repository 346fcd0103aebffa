// Laid aside for the review. Its id is that of what was laid aside.
import { epochMs, kind, ref } from './field'

export const aside = kind({
  ofId: ref(['slip', 'action', 'project', 'reference', 'reading', 'checklist', 'note'], 'delete'),
  laidAtEpochMs: epochMs,
})
