/** What the head of what is opened leaves free at its end, in px: the line, more and close are there. */
export const roomForActs = 136
