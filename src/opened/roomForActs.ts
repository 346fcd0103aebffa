/** What the head of what is opened leaves free at its end, in px: more and close are there. */
export const roomForActs = 92
