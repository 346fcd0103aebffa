// The shapes of lenses and of the plans of days. What of a lens is added one by one is kept member by member, so that
// two copies that each add a condition, a band or a sort keep both.
import * as v from 'valibot'
import { bandName, conditionField, donePlaceField, groupField } from '../lens/lensSchema'
import { detailFields, lensViews, sortFields } from '../lens/lens'
import { count, dateField, epochMsField, idField, minuteOfDay, oneOf, rankField, titleField } from './fields'
import { inkCount } from './scales'
import { stampLimit } from './tooLong'

const flag = v.boolean('expected true or false')
const shortKey = v.pipe(v.string(), v.maxLength(160, 'expected a short name'))

/** A saved list of a person's own: what it asks, in which order, and how it is shown. */
export const lens = v.object({
  id: idField('lens'),
  name: titleField,
  stamp: v.pipe(v.string('expected text'), v.maxLength(stampLimit, 'expected one or two letters')),
  ink: v.pipe(count, v.maxValue(inkCount - 1, `expected at most ${inkCount - 1}`)),
  rank: rankField,
  /** On the strip of the Day. */
  onStrip: flag,
  /** All of them must hold; each under the name of what it is about. */
  conditions: v.record(shortKey, conditionField),
  bands: v.record(shortKey, v.strictObject({ name: bandName, where: conditionField, rank: rankField })),
  /** The outer heading and the one in it. */
  groups: v.record(v.picklist(['1', '2']), groupField),
  sorts: v.record(oneOf(sortFields), v.strictObject({ down: flag, rank: rankField })),
  done: donePlaceField,
  view: oneOf(lensViews),
  columnsBy: groupField,
  /** How many a column should hold at most, by its key. */
  limits: v.record(shortKey, v.pipe(count, v.maxValue(999, 'expected at most 999'))),
  /** The columns of the table, and how wide they are in px. */
  columns: v.record(
    oneOf(detailFields),
    v.strictObject({ rank: rankField, width: v.pipe(count, v.maxValue(2000, 'expected at most 2000')) }),
  ),
  /** Which details its rows show, each with its rank among them; none is the usual ones. */
  shows: v.record(oneOf(detailFields), rankField),
  createdAtEpochMs: epochMsField,
  letGoAtEpochMs: v.nullable(epochMsField),
})

/** A day as it was planned, `plan:day-2026-03-11`, and how many minutes of it were available. */
export const plan = v.object({
  id: idField('plan'),
  date: dateField,
  /** Of this day alone; null where the weekday's hold. */
  availableMinutes: v.nullable(minuteOfDay),
  plannedAtEpochMs: v.nullable(epochMsField),
  /** What stood in it when it was planned, told so that it reads the same for ever. */
  planned: v.record(idField('action'), v.strictObject({ title: titleField, minutes: v.nullable(count) })),
  endedAtEpochMs: v.nullable(epochMsField),
  /** What the person wrote of it at its end. */
  line: titleField,
})
