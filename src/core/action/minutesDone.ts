import type { Action } from '../record'

/**
 * How long an action took, in minutes: as it was corrected by hand, else as it was timed, else as it was estimated;
 * null where none of them says. The one definition for everything that adds up what was done.
 */
export const minutesDone = (
  { takenMinutes, minutes }: Pick<Action, 'takenMinutes' | 'minutes'>,
  timedMinutes: number | null,
): number | null => takenMinutes ?? timedMinutes ?? minutes
