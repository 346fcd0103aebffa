// The lines of a list as they are asked for: of a hundred thousand, only those in sight are ever made.

export interface Lines<T> {
  readonly length: number
  readonly at: (index: number) => T
  /** Where it stands, or -1. */
  readonly indexOf: (id: string) => number
  /**
   * How far its top lies below that of the first, in px, before anything is measured; of `length`, the height of all.
   */
  readonly topOf: (index: number) => number
}

/** Some lines of the same height, one below the other. */
interface Piece<T> {
  readonly length: number
  readonly at: (index: number) => T
  readonly idAt: (index: number) => string
  readonly height: number
}

export const oneLine = <T extends { readonly id: string }>(line: T, height: number): Piece<T> => ({
  length: 1,
  at: () => line,
  idAt: () => line.id,
  height,
})

/** A line for each of some records, with the id of its record. */
export const lineForEach = <R extends { readonly id: string }, T>(
  records: readonly R[],
  height: number,
  line: (record: R) => T,
): Piece<T> => ({
  length: records.length,
  at: (index) => line(records[index] as R),
  idAt: (index) => (records[index] as R).id,
  height,
})

/** Pieces one below the other. */
export function linesOfPieces<T>(pieces: readonly Piece<T>[]): Lines<T> {
  const starts: number[] = []
  const tops: number[] = []
  let [length, height] = [0, 0]
  for (const piece of pieces) {
    starts.push(length)
    tops.push(height)
    length += piece.length
    height += piece.length * piece.height
  }
  /** The last piece that begins at or before a line. */
  const pieceAt = (index: number): number => {
    let [low, high] = [0, pieces.length - 1]
    while (low < high) {
      const middle = (low + high + 1) >> 1
      if ((starts[middle] as number) <= index) low = middle
      else high = middle - 1
    }
    return low
  }
  return {
    length,
    at(index) {
      const at = pieceAt(index)
      return (pieces[at] as Piece<T>).at(index - (starts[at] as number))
    },
    indexOf(id) {
      for (const [at, piece] of pieces.entries())
        for (let index = 0; index < piece.length; index++)
          if (piece.idAt(index) === id) return (starts[at] as number) + index
      return -1
    },
    topOf(index) {
      if (index >= length) return height
      const at = pieceAt(index)
      return (tops[at] as number) + (index - (starts[at] as number)) * (pieces[at] as Piece<T>).height
    },
  }
}

/** Every line, made: for lists that are drawn whole. */
export const allOf = <T>(lines: Lines<T>): T[] =>
  Array.from({ length: lines.length }, (_, at) => lines.at(at))
