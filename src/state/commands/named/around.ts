// Contexts, people and settings.
import { checksumOf } from '@/core/checksum'
import { recordIn, recordsIn, updateOf } from '@/core/journal'
import { blankOf, type Id, type KeptSettings, type Settings } from '@/core/record'
import { refuse } from '@/core/result'
import { toKept } from '@/core/record'
import { settingsIn } from '../../read/settingsIn'
import {
  added,
  change,
  diffOf,
  lineOf,
  rankAfter,
  type Command,
  type CommandContext,
  type Outcome,
} from '../command'

type Named = 'context' | 'person'

function named(
  context: CommandContext,
  kind: Named,
  name: string,
  except: string | null,
  make: (line: string) => Outcome,
): Outcome {
  const line = lineOf(name, 'name')
  if (!line.ok) return line
  const taken = recordsIn(context.document, kind).some(
    (other) => other.id !== except && other.name.toLowerCase() === line.value.toLowerCase(),
  )
  return taken ? refuse({ kind: 'nameTaken', name: line.value }) : make(line.value)
}

/**
 * Two copies that each make the same name make the same record. Where this one's was renamed since, the name is free
 * for another.
 */
export function idByName<K extends Named | 'area' | 'group'>(
  { document, newId }: CommandContext,
  kind: K,
  name: string,
): Id<K> {
  const id: Id<K> = `${kind}:by-name-${checksumOf(name.toLowerCase())}`
  return recordIn(document, id) ? newId(kind) : id
}

export const addContext: Command<{ name: string }> = (context, { name }) =>
  named(context, 'context', name, null, (line) =>
    diffOf(
      added({
        ...blankOf('context'),
        id: idByName(context, 'context', line),
        name: line,
        rank: rankAfter(recordsIn(context.document, 'context')),
      }),
    ),
  )

export const addPerson: Command<{ name: string }> = (context, { name }) =>
  named(context, 'person', name, null, (line) =>
    diffOf(
      added({
        ...blankOf('person'),
        id: idByName(context, 'person', line),
        name: line,
        rank: rankAfter(recordsIn(context.document, 'person')),
      }),
    ),
  )

export const renameContext: Command<{ id: Id<'context'>; name: string }> = (context, { id, name }) =>
  named(context, 'context', name, id, (line) => change(context, id, () => ({ name: line })))
export const renamePerson: Command<{ id: Id<'person'>; name: string }> = (context, { id, name }) =>
  named(context, 'person', name, id, (line) => change(context, id, () => ({ name: line })))

/** Only what is set is written, the first time too: the rest goes on being read from its defaults. */
export const setSettings: Command<Partial<Settings>> = (context, patch) => {
  const now = { id: 'settings:main', ...toKept(settingsIn(context.document)) } as KeptSettings
  const { keys, ...rest } = toKept(patch)
  return diffOf(updateOf(now, keys === undefined ? rest : { ...rest, keys }))
}
