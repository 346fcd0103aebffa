import { emptyDocument } from '@/core/journal'
import type { DetailField } from '@/core/lens'
import type { Action } from '@/core/record'
import { plainAction } from '@/core/testing/plainAction'
import { calendarDateUnsafe, fromMinute } from '@/core/time'
import { asTabbedText, detailOnRow, detailWords, footWords, type DetailsFrom } from './details'

const today = calendarDateUnsafe('2026-03-11')
const from: DetailsFrom = {
  document: emptyDocument,
  today,
  zone: 'Europe/London',
  stepsOf: (id) => (id === 'action:b' ? { done: 1, of: 3 } : null),
  repeatOf: () => undefined,
}
const at = Date.UTC(2026, 2, 9, 9)
const of = (patch: Partial<Action>): Action => ({ ...plainAction, createdAtEpochMs: at, ...patch })
const a = of({
  id: 'action:a',
  title: 'Ring',
  minutes: 20,
  due: { date: today, time: fromMinute(1020) },
  moved: [today, today],
})
const b = of({
  id: 'action:b',
  title: '=SUM(A1)\tand\nmore',
  minutes: 45,
  weight: 'must',
  createdAtEpochMs: Date.UTC(2026, 2, 1, 9),
})

const cases: [DetailField, Action, cell: string, row: string, foot: string][] = [
  ['minutes', a, '20 min', '20 min', '1 h 05'],
  ['due', a, 'today, 17:00', 'due today, 17:00', '1 set'],
  ['weight', a, 'should', '', '1 must'],
  ['moved', a, 'moved twice', 'moved twice', '2 times'],
  ['steps', b, '1 of 3 steps', '1 of 3 steps', '1 of 3'],
  ['age', b, '10 days', '10 days old', 'oldest 10 days'],
  ['context', a, '', '', 'none'],
  ['horizon', of({ day: today }), 'today', 'today', ''],
]
test.each(cases)('%s in a cell, on a row and at the foot', (field, action, cell, row, foot) => {
  expect([
    detailWords(field, action, from),
    detailOnRow(field, action, from),
    footWords(field, [a, b], from),
  ]).toEqual([cell, row, foot])
})

test('a table goes out as tab-separated text: values to work with, one line each, and nothing a spreadsheet runs', () => {
  expect(asTabbedText(['minutes', 'due', 'moved'], [a, b], from)).toBe(
    ['Action\tMinutes\tDue\tMoved', 'Ring\t20\t2026-03-11 17:00\t2', "'=SUM(A1) and more\t45\t\t0"].join(
      '\n',
    ),
  )
})
