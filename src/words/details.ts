// The details of an action one by one: as a row of a lens tells them, and as a table does in its cells and at its foot.
import type { DetailField } from '@/core/lens'
import type { Action } from '@/core/record'
import { daysBetween, localMomentAt } from '@/core/time'
import { movedWords } from './action'
import { count } from './counts'
import { nearDate } from './dates'
import { facetDetails, type FacetDetail, type FacetSetting } from './facets'
import type { DetailsFrom, DetailWords } from './facets/facetWords'

export type { DetailsFrom }

const ageOf = ({ createdAtEpochMs }: Action, { today, zone }: DetailsFrom): number =>
  Math.max(0, daysBetween(localMomentAt(createdAtEpochMs, zone).date, today))

const sumOf = (actions: readonly Action[], of: (action: Action) => number): number =>
  actions.reduce((total, action) => total + of(action), 0)

/** What is no facet: what has become of an action, and what belongs to it. */
const ownDetails: Readonly<Record<Exclude<DetailField, FacetDetail>, DetailWords>> = {
  moved: {
    name: 'Moved',
    words: (action) => movedWords(action) ?? '',
    isSet: ({ moved }) => moved.length > 0,
    foot: (actions) => {
      const total = sumOf(actions, ({ moved }) => moved.length)
      return total > 0 ? count(total, 'time') : ''
    },
    value: ({ moved }) => String(moved.length),
    sort: 'moved',
  },
  age: {
    name: 'Age',
    words: (action, from) => count(ageOf(action, from), 'day'),
    onRow: (words) => `${words} old`,
    isSet: () => true,
    foot: (actions, from) => {
      const first = actions.reduce<Action | undefined>(
        (oldest, action) => (oldest && oldest.createdAtEpochMs <= action.createdAtEpochMs ? oldest : action),
        undefined,
      )
      return first ? `oldest ${count(ageOf(first, from), 'day')}` : ''
    },
    value: (action, from) => String(ageOf(action, from)),
    sort: 'age',
  },
  steps: {
    name: 'Steps',
    words: ({ id }, { stepsOf }) => {
      const steps = stepsOf(id)
      return steps ? `${steps.done} of ${steps.of} steps` : ''
    },
    isSet: ({ id }, { stepsOf }) => stepsOf(id) !== null,
    foot: (actions, { stepsOf }) => {
      const of = sumOf(actions, ({ id }) => stepsOf(id)?.of ?? 0)
      return of > 0 ? `${sumOf(actions, ({ id }) => stepsOf(id)?.done ?? 0)} of ${of}` : ''
    },
  },
  done: {
    name: 'Done',
    words: ({ doneAtEpochMs }, { today, zone }) =>
      doneAtEpochMs ? nearDate(localMomentAt(doneAtEpochMs, zone).date, today) : '',
    onRow: (words) => `done ${words}`,
    isSet: ({ doneAtEpochMs }) => doneAtEpochMs !== null,
    value: ({ doneAtEpochMs }, { zone }) => (doneAtEpochMs ? localMomentAt(doneAtEpochMs, zone).date : ''),
    sort: 'done',
  },
}

/** Every detail; `opens` is the chooser that sets it. */
export const details: Readonly<Record<DetailField, DetailWords & { readonly opens?: FacetSetting }>> = {
  ...facetDetails,
  ...ownDetails,
}

/** One detail in words; empty where it has none. */
export const detailWords = (field: DetailField, action: Action, from: DetailsFrom): string =>
  details[field].words(action, from)

/** Said as it is on a row, where no heading tells what it is. */
export function detailOnRow(field: DetailField, action: Action, from: DetailsFrom): string {
  const words = detailWords(field, action, from)
  return words === '' ? '' : (details[field].onRow?.(words) ?? words)
}

/** The foot of a column: a sum where it can be summed, else how many have it. Empty where that says nothing. */
export function footWords(field: DetailField, actions: readonly Action[], from: DetailsFrom): string {
  const { foot, isSet } = details[field]
  if (foot) return foot(actions, from)
  const those = sumOf(actions, (action) => Number(isSet(action, from)))
  return those > 0 ? `${those.toLocaleString('en-GB')} set` : 'none'
}

/** A spreadsheet takes no text for a formula. */
const plainCell = (text: string): string => {
  const flat = text.replace(/[\t\r\n]+/g, ' ')
  return /^[=+\-@]/.test(flat) ? `'${flat}` : flat
}

/** Values as a table elsewhere can work with. */
const valueOf = (field: DetailField, action: Action, from: DetailsFrom): string =>
  (details[field].value ?? details[field].words)(action, from)

/** Actions as tab-separated text, a heading first. */
export const asTabbedText = (
  columns: readonly DetailField[],
  actions: readonly Action[],
  from: DetailsFrom,
): string =>
  [
    ['Action', ...columns.map((field) => details[field].name)],
    ...actions.map((action) => [action.title, ...columns.map((field) => valueOf(field, action, from))]),
  ]
    .map((cells) => cells.map(plainCell).join('\t'))
    .join('\n')
