/** Where an action stands in time is told by one chip: fixed, else on a day, else how near it is held. */
export const inTime = ['at', 'day', 'horizon'] as const
