// Laws of references, over every kind there is.
import fc from 'fast-check'
import { anyRecord } from '../testing/anyRecord'
import { kindOf, kinds, type AnyRecord } from '.'
import { parsePartialRecord } from './parseRecord'
import { mentionsOf, refsIn, withRefs } from './refs'

const run = { seed: 17, numRuns: 60 }

it.each(kinds)(
  'of a %s: what is replaced is nowhere any more, and what is cleared leaves it sound',
  (kind) => {
    fc.assert(
      fc.property(anyRecord(kind) as fc.Arbitrary<AnyRecord>, (record) => {
        expect(withRefs(record, ({ id }) => id)).toEqual({})
        const others = { ...record, ...withRefs(record, ({ id }) => `${id}z`) } as AnyRecord
        // Every id within it has become another, and nothing else has changed.
        const { id: _, ...inside } = others
        expect(JSON.stringify(inside)).not.toMatch(/"[a-zA-Z]+:[abc]"/)
        expect(withRefs(others, ({ id }) => id.slice(0, -1))).toEqual(
          Object.fromEntries(
            Object.keys(withRefs(others, () => null)).map((field) => [
              field,
              record[field as keyof AnyRecord],
            ]),
          ),
        )
        const cleared = withRefs(record, ({ id, onDelete }) => (onDelete === 'clear' ? null : id))
        expect(parsePartialRecord({ ...record, ...cleared }).ok).toBe(true)
        expect(
          refsIn({ ...record, ...cleared } as AnyRecord).some(({ onDelete }) => onDelete === 'clear'),
        ).toBe(false)
        for (const { id, onDelete } of refsIn(record)) {
          const [here] = mentionsOf(new Set([kindOf(id)]), [onDelete]).filter((each) => each.kind === kind)
          expect(here?.mayHold(record, new Set([id]))).toBe(true)
          if (kind !== 'lens') expect(here?.mayHold(record, new Set(['nothing:at-all']))).toBe(false)
        }
      }),
      run,
    )
  },
)
