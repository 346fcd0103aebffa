/** The name that a slip and the action it becomes have in common: `x` of `slip:x` and `action:x`. */
export type TieName = string

export const tieBegin = '<!-- action:'
/** How a check-box line says what it stands for: at its end, where a page does not show it. */
export const tieText = (name: TieName): string => `${tieBegin}${name} -->`
