/** Larger than this a calendar is not read. */
export const calendarLimitBytes = 50_000_000
/** More events than these are not kept in memory. */
export const mostEvents = 200_000
