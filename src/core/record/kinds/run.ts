// Once through a checklist: how much of it was done when it was started afresh.
import { count, epochMs, kind, ref } from './field'

export const run = kind({
  checklistId: ref(['checklist'], 'delete'),
  endedAtEpochMs: epochMs,
  done: count(),
  of: count(),
})
