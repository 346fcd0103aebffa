// A person's own lists: made, changed, ranked, copied and removed. A ready-made one is kept from its first change on.
import { recordIn, updateOf } from '@/core/journal'
import { emptyLens, keptOf, plainFace, readyMade, type Lens } from '@/core/lens'
import { inkCount, rankBetween, lettersLimit, type Id, type LensRecord } from '@/core/record'
import { refuse } from '@/core/result'
import { lensesOf, lensOf } from '../../read/lenses'
import {
  added,
  diffOf,
  linesOf,
  lineOf,
  rankAfter,
  type Command,
  type CommandContext,
  type Outcome,
} from '../command'
import { lettersFor } from '../shelf/lettersFor'

export type LensFace = Pick<
  LensRecord,
  'name' | 'letters' | 'ink' | 'onStrip' | 'view' | 'columnsBy' | 'limits' | 'columns' | 'shows'
>

const sealOf = (text: string): string =>
  [...new Intl.Segmenter('en').segment(text.trim())]
    .slice(0, 2)
    .map(({ segment }) => segment)
    .join('')
    .slice(0, lettersLimit)

export const addLens: Command<{ name: string; lens: Lens; face?: Partial<LensFace> }> = (
  context,
  { name, lens, face = {} },
) => {
  const line = lineOf(name, 'name')
  if (!line.ok) return line
  const others = lensesOf(context.document)
  return diffOf(
    added({
      id: context.newId('lens'),
      onStrip: true,
      letters: lettersFor(line.value),
      ink: (others.length * 5) % inkCount,
      ...plainFace,
      limits: {},
      columns: {},
      shows: {},
      ...face,
      name: line.value,
      rank: rankAfter(others),
      ...keptOf({ ...emptyLens, ...lens }),
      createdAtEpochMs: context.nowEpochMs,
    }),
  )
}

/** Changes a lens that is kept, or keeps a ready-made one as it is changed. */
function changed(
  { document }: CommandContext,
  id: Id<'lens'>,
  patch: (lens: LensRecord) => Partial<LensRecord>,
): Outcome {
  const lens = lensOf(document, id)
  if (!lens) return refuse({ kind: 'notFound' })
  if (recordIn(document, id)) return diffOf(updateOf(lens, patch(lens)))
  return diffOf(added({ ...lens, ...patch(lens) }))
}

/** Changes what a lens asks or how it is shown. */
export const editLens: Command<{ id: Id<'lens'>; lens?: Lens; patch?: Partial<LensFace> }> = (
  context,
  { id, lens, patch = {} },
) => {
  const lines = linesOf(patch)
  if (!lines.ok) return lines
  const letters = patch.letters === undefined ? {} : { letters: sealOf(patch.letters) }
  if (letters.letters === '') return refuse({ kind: 'empty', field: 'letters' })
  return changed(context, id, (before) => ({
    ...patch,
    ...lines.value,
    ...letters,
    ...(lens ? keptOf(lens, before) : {}),
  }))
}

/** Lays a lens between two others. */
export const placeLens: Command<{ id: Id<'lens'>; after: Id<'lens'> | null }> = (context, { id, after }) => {
  const others = lensesOf(context.document).filter((lens) => lens.id !== id)
  const at = after === null ? 0 : others.findIndex((lens) => lens.id === after) + 1
  if (after !== null && at === 0) return refuse({ kind: 'notFound' })
  const rank = rankBetween(others[at - 1]?.rank ?? null, others[at]?.rank ?? null)
  return rank === null ? refuse({ kind: 'nothingToDo' }) : changed(context, id, () => ({ rank }))
}

/** Takes a lens away; what it listed stays as it is. */
export const removeLens: Command<{ id: Id<'lens'> }> = (context, { id }) =>
  changed(context, id, () => ({ letGoAtEpochMs: context.nowEpochMs }))

/** A ready-made lens as it was in the beginning. */
export const resetLens: Command<{ id: Id<'lens'> }> = (context, { id }) => {
  const ready = readyMade.find((lens) => lens.id === id)
  const kept = recordIn(context.document, id)
  if (!ready || !kept) return refuse({ kind: 'nothingToDo' })
  const { id: _, rank: __, ...fields } = ready
  return diffOf(updateOf(kept, fields))
}
