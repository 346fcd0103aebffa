// What is kept with nothing to do: references, and things to read.
import { recordIn, updateOf } from '@/core/journal'
import { blankOf, type Id, type Reading } from '@/core/record'
import { refuse } from '@/core/result'
import {
  added,
  change,
  changeLine,
  diffOf,
  lineOf,
  together,
  type Command,
  type CommandContext,
} from '../command'
import { lettingGo } from '../tray/slips'

/** Something to look up later, kept without sorting it first. */
export const addReference: Command<{ title: string; link?: string | null }> = (
  context,
  { title, link = null },
) => {
  const line = lineOf(title, 'title')
  if (!line.ok) return line
  return diffOf(added({ ...keptFields(context, line.value, link), id: context.newId('reference') }))
}

/** Something to read, watch or hear, kept without sorting it first. */
export const addReading: Command<{ title: string; link?: string | null }> = (
  context,
  { title, link = null },
) => {
  const line = lineOf(title, 'title')
  if (!line.ok) return line
  return diffOf(
    added({
      ...blankOf('reading'),
      ...keptFields(context, line.value, link),
      id: context.newId('reading'),
    }),
  )
}

const keptFields = (context: CommandContext, title: string, link: string | null) => ({
  ...blankOf('reference'),
  title,
  link,
  createdAtEpochMs: context.nowEpochMs,
})

export const editReading: Command<{
  id: Id<'reading'>
  patch: Partial<Pick<Reading, 'title' | 'note' | 'link' | 'state' | 'minutes' | 'projectId' | 'areaId'>>
}> = (context, { id, patch }) => changeLine(context, id, patch)

export const removeReading: Command<{ id: Id<'reading'> }> = (context, { id }) =>
  lettingGo(context, id, context.nowEpochMs)

export const editReference: Command<{
  id: Id<'reference'>
  patch: { title?: string; note?: string; link?: string | null }
}> = (context, { id, patch }) => {
  const title = patch.title === undefined ? null : lineOf(patch.title, 'title')
  if (title && !title.ok) return title
  const reference = recordIn(context.document, id)
  return reference
    ? diffOf(updateOf(reference, { ...patch, ...(title ? { title: title.value } : {}) }))
    : refuse({ kind: 'notFound' })
}

type Kept = Id<'reading'> | Id<'reference'>

/** Puts several of what is kept on a shelf. */
export const shelveKept: Command<{
  ids: readonly Kept[]
  projectId: Id<'project'> | null
  areaId: Id<'area'> | null
}> = (context, { ids, ...shelf }) => together(ids, (id) => change(context, id as Id<'reading'>, () => shelf))

/** Marks several things to read as begun, finished or unread. */
export const setReadings: Command<{ ids: readonly Id<'reading'>[]; state: Reading['state'] }> = (
  context,
  { ids, state },
) => together(ids, (id) => change(context, id, () => ({ state })))

export const removeKept: Command<{ ids: readonly Kept[] }> = (context, { ids }) =>
  together(ids, (id) => lettingGo(context, id as Id<'reading'>, context.nowEpochMs))

export const removeReference: Command<{ id: Id<'reference'> }> = (context, { id }) =>
  lettingGo(context, id, context.nowEpochMs)
