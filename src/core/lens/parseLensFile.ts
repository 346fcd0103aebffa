// A file of a lens from elsewhere: checked whole before anything of it is taken.
import type { ShapeFault } from '../record/parseRecord'
import { isObject, jsonOf } from '../json'
import { hostileIn } from '../record/hostile'
import { ok, refuse, type Result } from '../result'
import { lensLimits, sortFields, type Condition, type Lens } from './lens'
import {
  conditionsIn,
  idsIn,
  lensFileFormat,
  lensFileLimitBytes,
  lensFileVersion,
  lookOf,
  type LensLook,
} from './lensFile'
import { plainFace } from './readyMade'
import { inSentenceOrder } from './sentenceOrder'
import type { LensNames, NamedField } from './vocabulary'

export type LensFileFault =
  | { readonly kind: 'tooLarge' | 'noLens' | 'newer' }
  /** Where it departs from the shape of a lens, and how. */
  | { readonly kind: 'unsound'; readonly where: string; readonly why: string }

/** What looks at data of unknown origin: it loads when it is needed. */
export interface LensFileChecks {
  readonly parseRecord: (record: unknown) => Result<unknown, ShapeFault>
  readonly conditionToVersion11: (condition: unknown) => unknown
}

export interface LensFile {
  readonly name: string
  readonly lens: Lens
  readonly look: LensLook
  /** Names it asks for that nobody has here. */
  readonly missing: readonly string[]
}

/** Each id as it is here: the same where it is known, else that of the only one called so. */
function resolved(condition: Condition, idFor: (id: string) => string): Condition {
  if (condition.kind === 'many')
    return { ...condition, of: inSentenceOrder(condition.of.map((each) => resolved(each, idFor))) }
  return condition.kind === 'choice'
    ? { ...condition, values: [...new Set(condition.values.map(idFor))] }
    : condition
}

const unsound = (where: string, why: string) => refuse({ kind: 'unsound', where, why } as const)

/** Lists under the numbers of their places, so that they can be checked as what is kept is. */
const numbered = (list: readonly unknown[], rank: boolean): Record<string, unknown> =>
  Object.fromEntries(
    list.map((item, at) => [String(at), rank && isObject(item) ? { ...item, rank: `a${at % 10}` } : item]),
  )

/** A lens of version 1, its conditions in the words of today. */
function fromVersion1(
  file: Record<string, unknown>,
  { conditionToVersion11 }: LensFileChecks,
): Record<string, unknown> {
  const { lens } = file
  if (!isObject(lens)) return file
  const listed = (list: unknown, each: (item: unknown) => unknown) =>
    Array.isArray(list) ? list.map(each) : list
  const conditions = listed(lens['conditions'], (each) => conditionToVersion11(each))
  const bands = listed(lens['bands'], (band) =>
    isObject(band) ? { ...band, where: conditionToVersion11(band['where']) } : band,
  )
  return { ...file, lens: { ...lens, conditions, bands } }
}

/** A lens up to version 2, the letters of its seal under their name of today. */
function fromVersion2(file: Record<string, unknown>): Record<string, unknown> {
  const { look } = file
  if (!isObject(look)) return file
  const { stamp, ...rest } = look as Record<string, unknown>
  return { ...file, look: { letters: stamp, ...rest } }
}

/** A file of any version up to this one, as this one has it. */
function ofToday(file: Record<string, unknown>, version: number, checks: LensFileChecks) {
  const of2 = version < 2 ? fromVersion1(file, checks) : file
  return version < 3 ? fromVersion2(of2) : of2
}

interface Sound {
  readonly name: string
  readonly lens: Lens
  readonly called: Readonly<Record<string, unknown>>
  readonly look: LensLook
}

/** What stands in a file, once a record of it was found sound. */
function checked(
  { name, lens, names: called, look }: Record<string, unknown>,
  { parseRecord }: LensFileChecks,
): Result<Sound, LensFileFault> {
  if (typeof name !== 'string' || name.trim() === '') return unsound('name', 'expected a name')
  if (!isObject(lens) || !isObject(called) || !isObject(look)) return unsound('lens', 'expected a lens')
  const { conditions, bands, groups, sorts, done } = lens
  const lists: [string, unknown, number][] = [
    ['conditions', conditions, lensLimits.conditions],
    ['bands', bands, lensLimits.bands],
    ['groups', groups, lensLimits.groups],
    ['sorts', sorts, lensLimits.sorts],
  ]
  for (const [where, list, most] of lists)
    if (!Array.isArray(list) || list.length > most)
      return unsound(`lens.${where}`, `expected a list of at most ${most}`)
  const [outer, inner] = groups as unknown[]
  const sorted = (sorts as unknown[]).map((sort) => (isObject(sort) ? sort : {}))
  if (sorted.some(({ by }) => !(sortFields as readonly unknown[]).includes(by)))
    return unsound('lens.sorts', `expected ${sortFields.join(', ')}`)
  const record = {
    ...plainFace,
    id: 'lens:file',
    name,
    rank: 'a0',
    onStrip: true,
    conditions: numbered(conditions as unknown[], false),
    bands: numbered(bands as unknown[], true),
    groups: { ...(outer === undefined ? {} : { 1: outer }), ...(inner === undefined ? {} : { 2: inner }) },
    sorts: Object.fromEntries(sorted.map(({ by, down }) => [String(by), { down, rank: 'a0' }])),
    done,
    ...lookOf(look as unknown as LensLook),
  }
  const found = parseRecord(record)
  if (!found.ok) return refuse({ kind: 'unsound', ...found.error })
  const whole = { conditions, bands, groups, sorts: sorted.map(({ by, down }) => ({ by, down })), done }
  return ok({ name, lens: whole as unknown as Lens, called, look: lookOf(look as unknown as LensLook) })
}

/**
 * The lens in a file, with its names found here, or what is wrong with it.
 */
export function parseLensFile(
  text: string,
  names: LensNames,
  checks: LensFileChecks,
): Result<LensFile, LensFileFault> {
  if (text.length > lensFileLimitBytes) return refuse({ kind: 'tooLarge' })
  const value = jsonOf(text)
  if (typeof value !== 'object' || value === null) return refuse({ kind: 'noLens' })
  const hostile = hostileIn(value)
  if (hostile) return unsound(hostile.where || 'file', 'expected no such key')
  const { format, version } = value as { format?: unknown; version?: unknown }
  if (format !== lensFileFormat || typeof version !== 'number') return refuse({ kind: 'noLens' })
  if (version > lensFileVersion) return refuse({ kind: 'newer' })
  const file = value as Record<string, unknown>
  const sound = checked(ofToday(file, version, checks), checks)
  if (!sound.ok) return sound
  const { name, lens, called, look } = sound.value
  const missing: string[] = []
  const found = new Map<string, string>()
  for (const id of idsIn(conditionsIn(lens))) {
    if (names.nameOf(id) !== null) continue
    const there = Object.hasOwn(called, id) && typeof called[id] === 'string' ? called[id] : null
    const [only, ...more] = there === null ? [] : names.idsCalled(id.split(':')[0] as NamedField, there)
    if (only !== undefined && more.length === 0) found.set(id, only)
    else missing.push(there ?? id)
  }
  const idFor = (id: string) => found.get(id) ?? id
  const conditions = lens.conditions.map((condition) => resolved(condition, idFor))
  const here: Lens = {
    ...lens,
    conditions: inSentenceOrder(conditions),
    bands: lens.bands.map((band) => ({ ...band, where: resolved(band.where, idFor) })),
  }
  return ok({ name: name.trim(), lens: here, look, missing })
}
