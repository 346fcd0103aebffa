// A template as a small file for somebody else: its records, without what points at what only this person has. Contexts
// go along by their names; where it has files, their bytes lie beside it in one archive.
import { currentVersion } from '../migrations/currentVersion'
import { kindOf, type AnyRecord } from '../record'

export const templateFileFormat = 'zen-tray template'
/** What it was called up to version 10. */
export const earlierTemplateFileFormat = 'zen-tray pattern'
/** A longer text is not read as a template. */
export const templateFileLimitBytes = 2_000_000
export const mostTemplateRecords = 3000

/** The kinds of record that a template is made of, once it is a file. */
export const kindsInFile: readonly string[] = [
  'project',
  'action',
  'step',
  'checklist',
  'note',
  'reference',
  'repeat',
  'reminder',
  'blank',
  'stage',
  'counted',
  'file',
]

const left = { areaId: null, goalIds: [], personIds: [], slipId: null, lineOf: null, event: null } as const

/** A record without what points outside of the template. */
const alone = (record: AnyRecord): AnyRecord => {
  const fields: Record<string, unknown> = { ...(record as unknown as Record<string, unknown>) }
  for (const [field, none] of Object.entries(left)) if (field in fields) fields[field] = none
  return fields as unknown as AnyRecord
}

/** The text of the file; `nameOf` is the name of a context. */
export function toTemplateFile(records: readonly AnyRecord[], nameOf: (id: string) => string | null): string {
  const kept = records.filter(({ id }) => kindsInFile.includes(kindOf(id))).map(alone)
  const contexts = kept.flatMap((record) =>
    kindOf(record.id) === 'action' ? (record as { contextIds: string[] }).contextIds : [],
  )
  const names = [...new Set(contexts)].flatMap((id) => {
    const name = nameOf(id)
    return name === null ? [] : [[id, name] as const]
  })
  const file = {
    format: templateFileFormat,
    version: currentVersion,
    names: Object.fromEntries(names),
    records: kept,
  }
  return `${JSON.stringify(file, null, 2)}\n`
}
