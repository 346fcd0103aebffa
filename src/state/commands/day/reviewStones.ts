// The parts of a review, made one's own: left out, ordered, and questions added.
import { recordIn, updateOf } from '@/core/journal'
import { rankBetween, type Id, type ReviewRhythm, type ReviewStone } from '@/core/record'
import { refuse, type Result } from '@/core/result'
import { stoneIdOf } from '@/core/review/stones'
import { everyStoneOf } from '../../read/reviews'
import {
  added,
  diffOf,
  rankAfter,
  type Command,
  type CommandContext,
  type Outcome,
  type Refusal,
} from '../command'

const questionLimit = 5000

/** A question as it is kept: one line. */
function questionOf(text: string): Result<string, Refusal> {
  const line = text.replace(/\s+/g, ' ').trim()
  if (line === '') return refuse({ kind: 'empty', field: 'question' })
  if (line.length > questionLimit) return refuse({ kind: 'tooLong', field: 'question', limit: questionLimit })
  return { ok: true, value: line }
}

/** Writes what differs of a part; one that comes with the program is kept from its first change on. */
function changed(
  { document }: CommandContext,
  rhythm: ReviewRhythm,
  key: string,
  patch: Partial<Pick<ReviewStone, 'rank' | 'isOff'>>,
): Outcome {
  const stone = everyStoneOf(document, rhythm).find((each) => each.key === key)
  if (!stone) return refuse({ kind: 'notFound' })
  const id = stone.question === null ? stoneIdOf(rhythm, key) : (key as Id<'reviewStone'>)
  const kept = recordIn(document, id)
  if (kept) return diffOf(updateOf(kept, patch))
  const { rank, isOff } = stone
  return diffOf(added({ id, rhythm, question: '', rank, isOff, letGoAtEpochMs: null, ...patch }))
}

/** Leaves a part out of the round, or takes it in again. */
export const setStone: Command<{ rhythm: ReviewRhythm; key: string; isOff: boolean }> = (
  context,
  { rhythm, key, isOff },
) => changed(context, rhythm, key, { isOff })

/** Puts a part so many places later, or earlier. */
export const moveStone: Command<{ rhythm: ReviewRhythm; key: string; places: number }> = (
  context,
  { rhythm, key, places },
) => {
  const all = everyStoneOf(context.document, rhythm)
  const from = all.findIndex((stone) => stone.key === key)
  if (from < 0) return refuse({ kind: 'notFound' })
  const others = all.filter((stone) => stone.key !== key)
  const at = Math.min(others.length, Math.max(0, from + places))
  const rank = rankBetween(others[at - 1]?.rank ?? null, others[at]?.rank ?? null)
  return rank === null || at === from
    ? refuse({ kind: 'nothingToDo' })
    : changed(context, rhythm, key, { rank })
}

/** Adds an own question, as the last part but for those that end the round. */
export const addQuestion: Command<{ rhythm: ReviewRhythm; question: string }> = (
  context,
  { rhythm, question },
) => {
  const line = questionOf(question)
  if (!line.ok) return line
  return diffOf(
    added({
      id: context.newId('reviewStone'),
      rhythm,
      question: line.value,
      rank: rankAfter(everyStoneOf(context.document, rhythm)),
      isOff: false,
      letGoAtEpochMs: null,
    }),
  )
}

/** Asks an own question otherwise; what was answered keeps the words it was asked in. */
export const editQuestion: Command<{ id: Id<'reviewStone'>; question: string }> = (
  context,
  { id, question },
) => {
  const kept = recordIn(context.document, id)
  if (!kept || kept.question === '') return refuse({ kind: 'notFound' })
  const line = questionOf(question)
  return line.ok ? diffOf(updateOf(kept, { question: line.value })) : line
}

/** Asks an own question no longer; its answers stay with their reviews. */
export const removeQuestion: Command<{ id: Id<'reviewStone'> }> = (context, { id }) => {
  const kept = recordIn(context.document, id)
  if (!kept || kept.question === '' || kept.letGoAtEpochMs !== null) return refuse({ kind: 'notFound' })
  return diffOf(updateOf(kept, { letGoAtEpochMs: context.nowEpochMs }))
}
