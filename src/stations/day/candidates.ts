import type { Action } from '@/core/record'
import type { lists } from '@/state'

/** So many of those that stand in no other band are ranked, and looked through for what just does not fit. */
export const looked = 300

/** What may be done today: what is planned for it and of this week, then the first of the rest. */
export const candidates = (
  bands: lists.HeldDayBands,
  document: Parameters<lists.HeldDayBands['planned']>[0],
): Action[] => [...Object.values(bands.planned(document)).flat(), ...bands.fewInReach(document, looked)]
