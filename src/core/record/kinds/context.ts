// What must be at hand: a place, a tool, a site, a mood.
import {
  count,
  epochMs,
  kind,
  listOf,
  minuteOfDay,
  nullable,
  object,
  rank,
  ref,
  since,
  time,
  title,
} from './field'

export const context = kind(
  {
    name: title(),
    /** What it lies within: a hall is on site. */
    parentId: nullable(ref(['context'], 'clear')),
    /** When it is at hand; null for always, no weekday for every one. */
    hours: nullable(
      object({
        weekdays: listOf(count({ max: 6, expected: 'expected a weekday from 0 to 6' })),
        from: time,
        until: time,
      }),
    ),
    /** How long it takes to get there, and away from it again; null for what is no place. */
    minutesToGetThere: since(14, nullable(minuteOfDay)),
    /** Not offered any more; what stands with it goes on so. */
    retiredAtEpochMs: nullable(epochMs),
    rank,
  },
  { opens: true },
)
