// A saved list of a person's own: what it asks, in which order, and how it is shown. What of it is added one by one is
// kept member by member, so that two copies that each add a condition, a band or a sort keep both.
import { detailFields, donePlaces, groupFields, lensViews, sortFields, type Condition } from '../../lens/lens'
import {
  check,
  count,
  epochMs,
  flag,
  kind,
  line,
  mapOf,
  nullable,
  object,
  oneOf,
  rank,
  text,
  title,
} from './field'
import { seal } from './seal'

const shortKey = text(160, { expected: 'expected a short name' })
const condition = check<Condition>('condition')

export const lens = kind({
  name: title(),
  ...seal,
  rank,
  /** On the strip of the Day. */
  onStrip: flag,
  /** All of them must hold; each under the name of what it is about. */
  conditions: mapOf(shortKey, condition),
  bands: mapOf(shortKey, object({ name: line(), where: condition, rank })),
  /** The outer heading and the one in it. */
  groups: mapOf(oneOf(['1', '2']), oneOf(groupFields)),
  sorts: mapOf(oneOf(sortFields), object({ down: flag, rank })),
  done: oneOf(donePlaces),
  view: oneOf(lensViews),
  columnsBy: oneOf(groupFields),
  /** How many a column should hold at most, by its key. */
  limits: mapOf(shortKey, count({ max: 999 })),
  /** The columns of the table, and how wide they are in px. */
  columns: mapOf(oneOf(detailFields), object({ rank, width: count({ max: 2000 }) })),
  /** Which details its rows show, each with its rank among them; none is the usual ones. */
  shows: mapOf(oneOf(detailFields), rank),
  createdAtEpochMs: epochMs,
  letGoAtEpochMs: nullable(epochMs),
})
