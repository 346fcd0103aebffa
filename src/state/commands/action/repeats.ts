// How an action comes back: its rule, the next one that ticking brings, skipping one, and what is changed for one
// alone.
import { isOpen, seriesNameOf, standsOn, occurrenceOf } from '@/core/action'
import {
  idOnOccurrence,
  madeOverrides,
  onOccurrence,
  remindedOn,
  remindersOnOccurrence,
  stepsOnOccurrence,
} from '@/core/action/nextOccurrence'
import { isEqual } from '@/core/isEqual'
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import type { Action, Id, Repeat } from '@/core/record'
import { movedRule } from '@/core/repeat/movedRule'
import { parseRuleText, toRuleText, type RepeatRule } from '@/core/repeat'
import { ok, refuse, type Result } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import { blockedBy } from '../../read/actionIndexes'
import { checklistsIn } from '../../read/checklists'
import {
  actionsOfSeries,
  asideOf,
  filesOf,
  remarksOf,
  remindersOf,
  repeatIdOf,
  repeatOf,
  timeEntriesOf,
  stepsOf,
} from '../../read/ownedIndexes'
import * as days from '@/core/repeat/days'
import { repeatAdded, type NewRepeat } from './owned'
import { added, change, diffOf, removed, type Command, type CommandContext, type Refusal } from '../command'

export { overridesAfter } from '@/core/action/nextOccurrence'

/**
 * The rule of an action with the day that it stands for; null where it does not come back, or by no rule known here.
 */
function comingBack(context: CommandContext, action: Action) {
  const repeat = repeatOf(context.document, action.id)
  const rule = repeat && parseRuleText(repeat.rule)
  if (!repeat || !rule) return null
  const occurrence = occurrenceOf(action, repeat)
  return { repeat, rule, occurrence, series: { ...repeat, rule } }
}

/** How often an action of this rule has been ticked. */
const doneIn = (context: CommandContext, id: Id<'action'>): number =>
  actionsOfSeries(context.document, seriesNameOf(id)).filter(({ doneAtEpochMs }) => doneAtEpochMs !== null)
    .length

/** The day on which an action comes next, seen from today; null where it does not. */
function nextDay(context: CommandContext, action: Action): CalendarDate | null {
  const back = comingBack(context, action)
  if (!back) return null
  const { series, occurrence, rule } = back
  const isLast = series.fromDone && rule.times !== null && doneIn(context, action.id) + 1 >= rule.times
  return isLast ? null : days.nextOccurrence(series, occurrence, context.moment.date)
}

/**
 * What ticking an action brings: the next one with its steps unticked and its reminders. Nothing where it does not come
 * back, or where the next one stands already: two copies that tick the same one bring the same.
 */
export function nextAdded(context: CommandContext, action: Action): Result<RecordDiff[], Refusal> {
  const back = isOpen(action) ? comingBack(context, action) : null
  if (!back) return ok([])
  const { document } = context
  let occurrence = nextDay(context, action)
  for (;;) {
    const there = occurrence && recordIn(document, idOnOccurrence(action.id, occurrence))
    if (occurrence === null || (there && isOpen(there))) return ok([])
    if (!there) break
    occurrence = days.nextOccurrence({ ...back.series, fromDone: false }, occurrence, occurrence)
  }
  const id = idOnOccurrence(action.id, occurrence)
  const next = {
    ...onOccurrence(action, back.occurrence, occurrence),
    id,
    createdAtEpochMs: context.nowEpochMs,
  }
  const steps = stepsOnOccurrence(stepsOf(document, action.id), id, occurrence)
  const reminders = remindersOnOccurrence(remindersOf(document, action.id), id, back.occurrence, occurrence)
  return ok([next, ...steps, ...reminders].map(added))
}

/**
 * The next one goes again with the tick that brought it, where all that is there of it is what the tick brought: a
 * step, a reminder, a remark or a file since, and it stays.
 */
export function nextTakenBack(context: CommandContext, action: Action): RecordDiff[] {
  const { document } = context
  const back = comingBack(context, action)
  const next = actionsOfSeries(document, seriesNameOf(action.id)).find(
    ({ createdAtEpochMs, id }) => createdAtEpochMs === action.doneAtEpochMs && id !== action.id,
  )
  if (!back || !next?.occurrence) return []
  const { id, occurrence } = next
  const brought = [
    {
      ...onOccurrence({ ...action, doneAtEpochMs: null }, back.occurrence, occurrence),
      id,
      createdAtEpochMs: next.createdAtEpochMs,
    },
    ...stepsOnOccurrence(stepsOf(document, action.id), id, occurrence),
    ...remindersOnOccurrence(remindersOf(document, action.id), id, back.occurrence, occurrence),
  ]
  const standing = [next, ...stepsOf(document, id), ...remindersOf(document, id)]
  const asBrought = new Map(brought.map((record) => [record.id as string, record]))
  const isUntouched =
    standing.length === brought.length &&
    standing.every((record) => isEqual(record, asBrought.get(record.id))) &&
    !hasMore(document, id)
  return isUntouched ? standing.map(removed) : []
}

/** Whether anything belongs to an action that no tick brings. */
const hasMore = (document: CommandContext['document'], id: Id<'action'>): boolean =>
  [
    filesOf(document, id),
    remarksOf(document, id),
    timeEntriesOf(document, id),
    checklistsIn(document, id),
  ].some((records) => records.length > 0) ||
  asideOf(document, id) !== undefined ||
  blockedBy(document, id).length > 0

const withoutEnd = (rule: RepeatRule): string => toRuleText({ ...rule, until: null, times: null })

/** Whether two rules give the same days but for their end. */
function isSameRule(standing: Repeat, repeat: NewRepeat): boolean {
  const [a, b] = [parseRuleText(standing.rule), parseRuleText(repeat.rule)]
  return a !== null && b !== null && withoutEnd(a) === withoutEnd(b) && standing.fromDone === repeat.fromDone
}

/**
 * Where a rule that is set lays an action: one without a day on the first of the rule, and one that the rule before had
 * laid on the first of the new one. What stands where somebody put it stays there, and the rule goes on from it.
 */
function laidByRule(
  context: CommandContext,
  action: Action,
  repeat: NewRepeat,
): Result<Partial<Action> & { readonly occurrence: CalendarDate }, Refusal> {
  const { moment } = context
  const rule = parseRuleText(repeat.rule)
  if (!rule) return refuse({ kind: 'unfit', field: 'rule' })
  const standing = repeatOf(context.document, action.id)
  const on = standsOn(action)
  const wasLaid = standing !== undefined && on === occurrenceOf(action, standing)
  const first = days.firstOn(rule, repeat.startsOn ?? (wasLaid ? moment.date : (on ?? moment.date)))
  if (first === null) return refuse({ kind: 'neverComes' })
  if (repeat.fromDone) return ok({ occurrence: on ?? moment.date })
  if (on !== null && wasLaid) {
    const { at, due, day, notBefore } = onOccurrence({ ...action, overrides: {} }, on, first)
    const { at: _at, due: _due, day: _day, notBefore: _notBefore, ...overrides } = action.overrides
    return ok({ at, due, day, notBefore, occurrence: first, overrides })
  }
  if (on !== null) return ok({ occurrence: on })
  return ok((action.notBefore ?? action.waiting) ? { occurrence: first } : { day: first, occurrence: first })
}

/** What setting or taking off a rule changes in an action, and in the rule's own record. */
export function repeatSet(
  context: CommandContext,
  action: Action,
  repeat: NewRepeat | null,
): Result<{ readonly patch: Partial<Action>; readonly beside: RecordDiff | null }, Refusal> {
  const standing = repeatOf(context.document, action.id)
  if (!repeat)
    return ok({ patch: { occurrence: null, overrides: {} }, beside: standing ? removed(standing) : null })
  const { startsOn, ...rule } = repeat
  if (standing && isSameRule(standing, repeat))
    return ok({ patch: {}, beside: updateOf(standing, startsOn ? (repeat as Partial<Repeat>) : rule) })
  const laid = laidByRule(context, action, repeat)
  if (!laid.ok) return laid
  const counted = { ...rule, startsOn: startsOn ?? laid.value.occurrence }
  const beside = standing
    ? updateOf(standing, { ...counted, skips: [] })
    : repeatAdded(context, action, counted)
  return ok({ patch: laid.value, beside })
}

export const setRepeat: Command<{ id: Id<'action'>; repeat: NewRepeat | null }> = (
  context,
  { id, repeat },
) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  const set = repeatSet(context, action, repeat)
  return set.ok ? diffOf(updateOf(action, set.value.patch), set.value.beside) : set
}

/** Leaves this one out: neither done nor missed. The same action then stands for the next day of its rule. */
export const skipTurn: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  const back = action && isOpen(action) ? comingBack(context, action) : null
  if (!action || !back) return refuse({ kind: 'notFound' })
  const { document, moment } = context
  const occurrence = nextDay(context, action)
  if (occurrence === null) return refuse({ kind: 'lastOccurrence' })
  const latest = back.series.fromDone ? [] : days.daysWithin(back.series, back.occurrence, moment.date)
  const skipped = latest.at(-1) ?? back.occurrence
  return diffOf(
    updateOf(action, onOccurrence(action, back.occurrence, occurrence)),
    updateOf(back.repeat, { skips: [...back.repeat.skips, skipped] }),
    ...stepsOf(document, id).map((step) => updateOf(step, { doneAtEpochMs: null })),
    ...remindersOf(document, id).map((each) => updateOf(each, remindedOn(each, back.occurrence, occurrence))),
  )
}

/** What was just changed is meant for this one alone: the next takes the values from before. */
export const onlyThisOne: Command<{ id: Id<'action'>; before: Action['overrides'] }> = (
  context,
  { id, before },
) => change(context, id, (action) => ({ overrides: madeOverrides(action, before) }))

/** What was changed for this one alone holds from now on; where it was moved to another day, the rule moves along. */
export const fromNowOn: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  const back = action && comingBack(context, action)
  if (!action || !back) return refuse({ kind: 'notFound' })
  const wasOn = standsOn({ ...action, ...action.overrides, due: null })
  const isOn = standsOn({ ...action, due: null })
  const isMoved = !back.repeat.fromDone && wasOn !== null && isOn !== null && wasOn !== isOn
  const rule = isMoved ? toRuleText(movedRule(back.rule, wasOn, isOn)) : back.repeat.rule
  return diffOf(
    updateOf(action, { overrides: {}, occurrence: isMoved ? isOn : back.occurrence }),
    isMoved ? updateOf(back.repeat, { rule, startsOn: isOn, skips: [] }) : null,
  )
}

/** A habit: how it went is shown. */
export const watch: Command<{ id: Id<'action'>; watched: boolean }> = (context, { id, watched }) =>
  change(context, repeatIdOf(id), () => ({ watched }))
