// A file of a template from elsewhere: checked whole before anything of it is taken.
import { currentVersion, migrateEntry } from '../migrations'
import {
  earlierTemplateFileFormat,
  kindsInFile,
  mostTemplateRecords,
  templateFileFormat,
  templateFileLimitBytes,
} from '../template/templateFile'
import { kindOf, type AnyRecord, type Project } from '../record'
import { hostileIn } from '../record/hostile'
import { parseRecord } from '../record/parseRecord'
import { refsIn } from '../record/refs'
import { isObject, jsonOf } from '../json'
import { deepestNesting, tooDeepAmong } from '../record/nesting'
import { ok, refuse, type Result } from '../result'

export type TemplateFileFault =
  | { readonly kind: 'tooLarge' | 'noTemplate' | 'newer' }
  /** Where it departs from the shape of a template, and how. */
  | { readonly kind: 'unsound'; readonly where: string; readonly why: string }

export interface TemplateFile {
  readonly title: string
  readonly records: readonly AnyRecord[]
  /** Contexts it names that nobody has here. */
  readonly missing: readonly string[]
}

type Fields = Record<string, unknown>
const unsound = (where: string, why: string) => refuse({ kind: 'unsound', where, why } as const)

/** How many projects are reached from one through its parts. */
function withParts(id: string, projects: readonly Project[]): number {
  const partsOf = new Map<string | null, Project[]>()
  for (const project of projects)
    partsOf.set(project.parentId, [...(partsOf.get(project.parentId) ?? []), project])
  const reached = new Set<string>([id])
  const waiting = [id]
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop())
    for (const part of partsOf.get(next) ?? [])
      if (!reached.has(part.id)) {
        reached.add(part.id)
        waiting.push(part.id)
      }
  return reached.size
}

/** What is known of a file that a record names: its own bytes must be there, a small picture of it need not. */
const withBytes = (fields: Fields, blobs: ReadonlySet<string>): Fields | null =>
  blobs.has(fields['blob'] as string)
    ? { ...fields, smallBlob: blobs.has(fields['smallBlob'] as string) ? fields['smallBlob'] : null }
    : null

/**
 * The file in `text`; `contextCalled` is the context here of a name, where there is one, `blobs` the hashes of the
 * bytes that lie beside it.
 */
export function parseTemplateFile(
  text: string,
  contextCalled: (name: string) => string | null,
  blobs: ReadonlySet<string> = new Set(),
): Result<TemplateFile, TemplateFileFault> {
  if (text.length > templateFileLimitBytes) return refuse({ kind: 'tooLarge' })
  const file = jsonOf(text)
  const hostile = hostileIn(file)
  if (hostile) return unsound(hostile.where || 'file', 'expected no such key')
  const formats: readonly unknown[] = [templateFileFormat, earlierTemplateFileFormat]
  if (!isObject(file) || !formats.includes(file['format'])) return refuse({ kind: 'noTemplate' })
  const { version, records, names } = file
  if (!Number.isInteger(version) || (version as number) < 8) return unsound('version', 'expected a version')
  if ((version as number) > currentVersion) return refuse({ kind: 'newer' })
  if (!Array.isArray(records) || records.length === 0 || records.length > mostTemplateRecords)
    return unsound('records', `expected one to ${mostTemplateRecords} records`)
  const called = isObject(names) ? names : {}
  const missing = new Set<string>()
  const contextsFor = (ids: readonly string[]): string[] => {
    const here = ids.flatMap((id) => {
      const name = Object.hasOwn(called, id) ? String(called[id]).slice(0, 200) : null
      const known = name === null ? null : contextCalled(name)
      if (name !== null && known === null) missing.add(name)
      return known ?? []
    })
    return [...new Set(here)].sort()
  }
  const sound: AnyRecord[] = []
  for (const [at, given] of (records as unknown[]).entries()) {
    const { record: migrated } = migrateEntry({ record: given, all: 'file' } as never, version as number)
    const parsed = parseRecord(migrated)
    if (!parsed.ok) return unsound(`record ${at + 1}, ${parsed.error.where}`, parsed.error.why)
    const kind = kindOf(parsed.value.id)
    if (!kindsInFile.includes(kind)) return unsound(`record ${at + 1}`, 'no part of a template')
    const fields: Fields = { ...(parsed.value as unknown as Fields) }
    if (kind === 'action')
      Object.assign(fields, {
        contextIds: contextsFor(fields['contextIds'] as string[]),
        personIds: [],
        waiting: null,
      })
    if (kind === 'counted' && fields['actionId'] === null && fields['projectId'] === null)
      return unsound(`record ${at + 1}`, 'a date of nothing')
    if ('areaId' in fields) fields['areaId'] = null
    if (kind === 'project') Object.assign(fields, { goalIds: [], personIds: [], stageId: null })
    if (kind === 'file') {
      const known = withBytes(fields, blobs)
      if (!known) return unsound(`record ${at + 1}`, 'a file that is not with it')
      Object.assign(fields, known)
    }
    sound.push(fields as unknown as AnyRecord)
  }
  const ids = new Set(sound.map(({ id }) => id as string))
  if (ids.size !== sound.length) return unsound('records', 'one id stands twice')
  const projects = sound.filter((record): record is Project => kindOf(record.id) === 'project')
  const [template, ...others] = projects.filter(({ parentId }) => parentId === null)
  if (!template || others.length > 0 || !projects.every(({ state, makes }) => state === 'template' && makes))
    return unsound('records', 'expected one template')
  const deep =
    tooDeepAmong(new Map(projects.map(({ id, parentId }) => [id, parentId]))) ??
    tooDeepAmong(
      new Map(sound.flatMap((record) => ('underId' in record ? [[record.id, record.underId]] : []))),
    )
  if (deep) return unsound('records', `expected at most ${deepestNesting} levels of parts or steps`)
  if (projects.length !== withParts(template.id, projects)) return unsound('records', 'a part within itself')
  for (const [at, record] of sound.entries())
    for (const { id, field, onDelete } of refsIn(record)) {
      // Contexts are those of here by now; what it comes after and is not with it is left out when it is copied.
      const isElsewhere = kindOf(id) === 'context' || field === 'afterIds' || onDelete === 'keep'
      if (!isElsewhere && !ids.has(id)) return unsound(`record ${at + 1}, ${field}`, 'points outside of it')
    }
  return ok({ title: template.title, records: sound, missing: [...missing] })
}
