// The actions of one rule. Each has the name of the first and the day it came for, `action:rent~2026-04-03`, so that
// two copies that tick the same one bring one and the same next. What the next one is made of is in nextOccurrence.ts.
import type { Action, Id, Repeat } from '../record'
import { standsOn } from './standsOn'
import type { CalendarDate } from '../time'

/** The name that all actions of one rule share. */
export const seriesNameOf = (id: Id<'action'>): string => nameOf(id).split('~', 1)[0] as string

const nameOf = (id: string): string => id.slice(id.indexOf(':') + 1)

/** The day of its rule that an action stands for: where none is written, the one it was laid on. */
export const occurrenceOf = (action: Action, repeat: Pick<Repeat, 'startsOn'>): CalendarDate =>
  action.occurrence ?? standsOn({ ...action, ...action.overrides }) ?? repeat.startsOn
