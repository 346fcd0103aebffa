/** Pixels for an hour. */
export const hourHeight = 78
export const leastHeight = 24
export const heightOf = (minutes: number): number => (minutes / 60) * hourHeight
