import * as v from 'valibot'
import { epochMsField, idField, titleField } from './fields'

/** One thing set down, not yet decided. `text` is what was typed, word for word. */
export const slipSchema = v.strictObject({
  id: idField('slip'),
  text: titleField,
  /** Clauses the person took off, as `kind text`; their words stay in the title. */
  takenOff: v.array(v.string()),
  setDownAtEpochMs: epochMsField,
})
export type Slip = v.InferOutput<typeof slipSchema>
