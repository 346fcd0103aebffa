/** Deeper steps are indented no further: a phone is narrow. */
const deepestIndent = 6

/** How far a step of a depth stands from the edge, in pixels. */
export const indentOf = (depth: number): number => 20 * Math.min(depth, deepestIndent)
