import { calendarDateUnsafe } from '../time'
import { makeNameIndex, type Name } from '.'
import { parseSentence, unknownNameIn } from './reader'

const names = makeNameIndex([{ id: 'context:phone', name: 'Phone' } as Name])
const today = calendarDateUnsafe('2026-03-11')
const offered = (text: string) => unknownNameIn(text, parseSentence(text, { today, names }).clauses)

it.each<[string, string | null]>([
  ['mend the lamp, workshop', 'workshop'],
  ['mend the lamp, workshop, 20 min', 'workshop'],
  ['mend the lamp, mill loft, friday', 'mill loft'],
  ['mend the lamp, phone', null],
  ['mend the lamp, phone, workshop', null],
  ['mend the lamp', null],
  ['buy milk, eggs', null],
  ['mend the lamp, then the chair', null],
  ['mend the lamp, please', null],
  ['mend the lamp, "workshop"', null],
  ['mend the lamp; workshop', null],
  ['mend the lamp, 3 bulbs', null],
  ['mend the lamp in the hall, where the chairs are stacked', null],
  ['', null],
])('“%s” offers %s', (text, name) => expect(offered(text)).toBe(name))
