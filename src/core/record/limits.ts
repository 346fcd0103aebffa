// What ids and texts may be, before anything is known of the kinds of record.

/** An id carries its kind in its text: `action:3f9c…`. */
export type IdOf<K extends string> = `${K}:${string}`

/** Longest title, in UTF-16 units. Longer text belongs in a note. */
export const titleLimit = 2000
export const noteLimit = 200_000
/** Longest seal, in UTF-16 units: two letters, or one emoji even of several joined ones. */
export const lettersLimit = 16
/** Longest name of a record within its id. */
export const idNameLimit = 128
