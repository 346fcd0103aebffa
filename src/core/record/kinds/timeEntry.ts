// A time that was worked on an action with its timer running.
import { epochMs, kind, minutes, ref } from './field'

export const timeEntry = kind({
  actionId: ref(['action'], 'delete'),
  startedAtEpochMs: epochMs,
  minutes,
})
