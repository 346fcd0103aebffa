// Laws over every kind and every field: what is read off the registry agrees with itself.
import fc from 'fast-check'
import { anyRecord } from '../testing/anyRecord'
import { blankOf, inMemberOrder, kinds, tooLongIn, type AnyRecord, type RecordKind } from '.'
import { registry } from './kinds'
import { someWithin, type Field, type Fields } from './kinds/field'
import { parseRecord } from './parseRecord'

type Values = Record<string, unknown>
const one = (kind: RecordKind): Values =>
  fc.sample(anyRecord(kind) as fc.Arbitrary<AnyRecord>, { seed: 3, numRuns: 1 })[0] as unknown as Values
const fieldsOf = (kind: RecordKind): [string, Field][] => Object.entries(registry[kind].fields as Fields)
const faultOf = (record: unknown) => {
  const parsed = parseRecord(record)
  return parsed.ok ? null : parsed.error
}
/** Every field with its kind, what stands in objects too. */
const everywhere = (fields: Fields, way: string): [string, Field][] =>
  Object.entries(fields).flatMap(([name, field]) => [
    [`${way}.${name}`, field] as [string, Field],
    ...(field.type === 'object' ? everywhere(field.fields, `${way}.${name}`) : []),
    ...(field.type === 'set' || field.type === 'map' || field.type === 'list'
      ? everywhere({ of: field.of }, `${way}.${name}`)
      : []),
  ])
const all = kinds.flatMap((kind) => everywhere(registry[kind].fields, kind))

it.each(kinds)('a %s that is sound is taken, fits its limits, and has one order', (kind) => {
  fc.assert(
    fc.property(anyRecord(kind) as fc.Arbitrary<AnyRecord>, (record) => {
      expect(faultOf(record)).toBeNull()
      expect(tooLongIn(record)).toBeNull()
      expect(faultOf(inMemberOrder(record))).toBeNull()
      expect(inMemberOrder(inMemberOrder(record))).toEqual(inMemberOrder(record))
    }),
    { seed: 11, numRuns: 40 },
  )
})

it.each(kinds)('a %s without one of its fields, or with something else in it, is refused there', (kind) => {
  for (const [name, field] of fieldsOf(kind)) {
    const record = one(kind)
    const { [name]: _, ...without } = record
    expect(faultOf(without)?.where).toBe(field.isOptional ? undefined : name)
    expect(faultOf({ ...record, [name]: Symbol.iterator })?.where).toBe(name)
    expect(faultOf({ ...record, [name]: null })?.where).toBe(field.isNullable ? undefined : name)
    expect(faultOf({ ...record, laterField: 1 })).toBeNull()
  }
})

it('a text is as long as its limit, and no longer, for every check there is', () => {
  let texts = 0
  for (const kind of kinds)
    for (const [name, field] of fieldsOf(kind)) {
      if (field.type !== 'text' || field.max === Infinity) continue
      texts++
      const whole = { ...one(kind), [name]: 'x'.repeat(field.max) }
      expect(faultOf(whole)).toBeNull()
      expect(tooLongIn(whole as never)).toBeNull()
      const long = { ...whole, [name]: 'x'.repeat(field.max + 1) }
      expect(faultOf(long)?.where).toBe(name)
      expect(tooLongIn(long as never)).toEqual({ field: name, limit: field.max })
    }
  expect(texts).toBeGreaterThan(30)
})

it('a text within what a record holds has its limit too', () => {
  const action = one('action')
  const waiting = {
    personId: null,
    whom: 'x'.repeat(2001),
    since: '2026-03-01',
    chaseOn: null,
    how: '',
    toSignOff: false,
  }
  expect(tooLongIn({ ...action, waiting } as never)).toEqual({ field: 'whom', limit: 2000 })
  expect(tooLongIn({ ...action, waiting: null, overrides: { note: 'x'.repeat(200_001) } } as never)).toEqual({
    field: 'note',
    limit: 200_000,
  })
  const bands = { one: { name: 'x'.repeat(2001), where: null, rank: 'a0' } }
  expect(tooLongIn({ ...one('lens'), bands } as never)).toEqual({ field: 'name', limit: 2000 })
})

it.each(kinds)('a new %s is sound with what must be said and nothing else', (kind) => {
  const blank = blankOf(kind)
  expect(faultOf({ ...one(kind), ...blank })).toBeNull()
  // Each has values of its own.
  for (const [name, value] of Object.entries(blank))
    if (typeof value === 'object' && value !== null) expect((blankOf(kind) as Values)[name]).not.toBe(value)
  for (const [name, field] of fieldsOf(kind))
    expect([name, name in blank]).toEqual([
      name,
      !field.isOptional &&
        (field.isNullable ||
          field.blank !== undefined ||
          ['set', 'map', 'flag'].includes(field.type) ||
          (field.type === 'text' && !field.isTitle) ||
          (field.type === 'object' && field.isPartial === true)),
    ])
})

it('what points somewhere points at kinds there are, and is refused with another', () => {
  const refs = all.filter(([, { type }]) => type === 'ref')
  expect(refs.length).toBeGreaterThan(40)
  for (const [, field] of refs)
    if (field.type === 'ref') for (const to of field.to) expect(kinds).toContain(to)
  for (const kind of kinds)
    for (const [name, field] of fieldsOf(kind))
      if (field.type === 'ref') expect(faultOf({ ...one(kind), [name]: 'settings:main' })?.where).toBe(name)
})

it('no reference and no text with a limit stands in one of several shapes: nothing would look for it there', () => {
  for (const [where, field] of all)
    if (field.type === 'variant')
      expect([where, someWithin(field, ({ type }) => type === 'ref' || type === 'text')]).toEqual([
        where,
        false,
      ])
})

it('what is cleared leaves a place that can be empty', () => {
  const clears = (field: Field) => field.type === 'ref' && field.onDelete === 'clear'
  for (const [where, field] of all) {
    // In a set or a list a member goes; elsewhere the place is null.
    if (clears(field) && !where.endsWith('.of')) expect([where, field.isNullable]).toEqual([where, true])
    if (field.type === 'map') expect([where, clears(field.of)]).toEqual([where, false])
  }
})

it('names have one limit, wherever an id stands', () => {
  const [fits, long] = [128, 129].map((length) => 'x'.repeat(length))
  expect(faultOf({ ...one('step'), id: `step:${fits}`, ownerId: `action:${fits}` })).toBeNull()
  expect(faultOf({ ...one('step'), id: `step:${long}` })).not.toBeNull()
  expect(faultOf({ id: `unheardOf:${fits}` })).toBeNull()
  expect(faultOf({ id: `unheardOf:${long}` })).not.toBeNull()
})
