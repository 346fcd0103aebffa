import fc from 'fast-check'
import { lineForEach, linesOfPieces, oneLine } from './lines'

const anyPieces = fc
  .array(fc.oneof(fc.constant('head' as const), fc.nat(5)), { maxLength: 8 })
  .map((kinds) =>
    kinds.map((kind, piece) =>
      kind === 'head'
        ? { height: 40, ids: [`head ${piece}`] }
        : { height: 62, ids: Array.from({ length: kind }, (_, row) => `row ${piece} ${row}`) },
    ),
  )

describe('the lines of a list', () => {
  it('are those of its pieces one below the other, however these are cut, empty ones too', () => {
    fc.assert(
      fc.property(anyPieces, (pieces) => {
        const lines = linesOfPieces(
          pieces.map(({ ids: [first, ...others], height }) =>
            height === 40
              ? oneLine({ id: first as string, height }, height)
              : lineForEach(
                  [first, ...others].flatMap((id) => (id ? [{ id }] : [])),
                  height,
                  ({ id }) => ({ id, height }),
                ),
          ),
        )
        const all = pieces.flatMap(({ ids, height }) => ids.map((id) => ({ id, height })))
        const tops = all.map((_, at) => all.slice(0, at).reduce((sum, { height }) => sum + height, 0))
        expect(lines.length).toBe(all.length)
        expect(all.map((_, at) => lines.at(at))).toEqual(all)
        expect(all.map(({ id }) => lines.indexOf(id))).toEqual(all.map((_, at) => at))
        expect(all.map((_, at) => lines.topOf(at))).toEqual(tops)
        expect(lines.topOf(all.length)).toBe(all.reduce((sum, { height }) => sum + height, 0))
        expect(lines.indexOf('none')).toBe(-1)
      }),
    )
  })
})
