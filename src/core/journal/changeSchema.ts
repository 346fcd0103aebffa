// The frame of a change, for reading one of unknown origin.
import * as v from 'valibot'
import { epochMsCheck } from '../record/checks'
import { isTimestamp, type Timestamp } from './timestamp'

const timestampField = v.custom<Timestamp>(isTimestamp, 'expected a stamp')
const someRecord = v.looseObject({ id: v.string() })
/** The frame of a change. Its records are checked one by one with `parseRecord`. */
export const changeSchema = v.strictObject({
  stamp: timestampField,
  act: v.pipe(v.string(), v.maxLength(60)),
  diff: v.array(
    v.variant('kind', [
      v.strictObject({ kind: v.literal('added'), record: someRecord }),
      v.strictObject({
        kind: v.literal('updated'),
        id: v.string(),
        fields: v.record(v.string(), v.pipe(v.array(v.unknown()), v.length(2))),
      }),
      v.strictObject({ kind: v.literal('removed'), record: someRecord }),
      v.strictObject({ kind: v.literal('restored'), record: someRecord }),
    ]),
  ),
  reverts: v.optional(v.strictObject({ kind: v.picklist(['undo', 'redo']), stamp: timestampField })),
  by: v.optional(v.pipe(v.string(), v.maxLength(40, 'expected at most 40 characters'))),
  at: v.optional(epochMsCheck),
  brought: v.optional(v.literal(true)),
})
