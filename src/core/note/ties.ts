// Check-box lines that stand for a slip or an action. What it stands for says whether it is done and what it is called;
// the line shows that, wherever it is read. What is written there goes back to it.
import { checkLinesOf, plainOf, titleAndRest, withCheckLines, writtenOf } from './checkLines'
import { tieBegin, type TieName } from './tie'

export interface Tied {
  readonly title: string
  readonly isDone: boolean
}

/**
 * The note as it reads now: each tied line says what it stands for. One that stands for nothing any more is a line
 * again.
 */
export function laidOver(note: string, tiedTo: (name: TieName) => Tied | null): string {
  if (!note.includes(tieBegin)) return note
  return withCheckLines(note, ({ tie, written, isDone }) => {
    if (tie === null) return null
    const tied = tiedTo(tie)
    if (!tied) return { tie: null }
    // What it stands for begins with the words of a line that is longer than a title; such a line stays as it is
    // written.
    const isSame = titleAndRest(plainOf(written)).title === tied.title
    if (isSame && isDone === tied.isDone) return null
    return { isDone: tied.isDone, ...(isSame ? {} : { written: writtenOf(tied.title) }) }
  })
}

export interface TieChanges {
  readonly ticked: readonly TieName[]
  readonly unticked: readonly TieName[]
  readonly renamed: readonly { readonly name: TieName; readonly title: string }[]
  /** Their lines went: what they stood for stays. */
  readonly gone: readonly TieName[]
}

/** The first line of each tie: one that was copied stands for it once. */
function firstLines(note: string): ReadonlyMap<TieName, { isDone: boolean; title: string }> {
  const lines = new Map<TieName, { isDone: boolean; title: string }>()
  for (const { tie, isDone, written } of checkLinesOf(note))
    if (tie !== null && !lines.has(tie)) lines.set(tie, { isDone, title: plainOf(written) })
  return lines
}

/** What became of the tied lines between two texts of a note. */
export function tieChanges(before: string, after: string): TieChanges {
  const [was, is] = [firstLines(before), firstLines(after)]
  const both = [...is].flatMap(([name, now]) => {
    const then = was.get(name)
    return then ? [{ name, then, now }] : []
  })
  return {
    ticked: both.flatMap(({ name, then, now }) => (now.isDone && !then.isDone ? [name] : [])),
    unticked: both.flatMap(({ name, then, now }) => (!now.isDone && then.isDone ? [name] : [])),
    renamed: both.flatMap(({ name, then, now }) =>
      now.title !== then.title ? [{ name, title: now.title }] : [],
    ),
    gone: [...was.keys()].filter((name) => !is.has(name)),
  }
}

/** A note for what comes again: its lines stand for nothing yet, and none of them is ticked. */
export const asNew = (note: string): string =>
  withCheckLines(note, ({ isDone, tie }) => (isDone || tie !== null ? { isDone: false, tie: null } : null))
