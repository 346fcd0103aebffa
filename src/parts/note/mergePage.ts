// What comes into a page while it is written: only what differs is changed, and the cursor stays where it is.
import { diffIndices } from 'node-diff3'
import { Fragment, type Node as PageDoc } from '@tiptap/pm/model'
import { TextSelection, type EditorState, type Transaction } from '@tiptap/pm/state'

const blocksOf = (page: PageDoc): PageDoc[] =>
  Array.from({ length: page.childCount }, (_, at) => page.child(at))
const tokensOf = (page: PageDoc): string[] => blocksOf(page).map((block) => JSON.stringify(block.toJSON()))

/**
 * The page as it is written, with the blocks in which `other` differs from `base`. What is in no kept text stays: a
 * space at the end of a line, a line that is still empty. Where both differ in the same blocks, those of `other`.
 */
export function broughtOver(doc: PageDoc, base: PageDoc, other: PageDoc): PageDoc {
  const from = tokensOf(base)
  const mine = diffIndices(from, tokensOf(doc))
  const theirs = diffIndices(from, tokensOf(other))
  const blocks = blocksOf(doc)
  for (const { buffer1, buffer2 } of theirs.toReversed()) {
    const [start, length] = buffer1
    const before = mine.filter(({ buffer1: [at, of] }) => at + of <= start && (of > 0 || at <= start))
    const meets = mine.some((hunk) => !before.includes(hunk) && hunk.buffer1[0] < start + length)
    if (meets) return other
    const moved = before.reduce((sum, hunk) => sum + hunk.buffer2[1] - hunk.buffer1[1], 0)
    blocks.splice(start + moved, length, ...blocksOf(other).slice(buffer2[0], buffer2[0] + buffer2[1]))
  }
  return doc.copy(Fragment.fromArray(blocks))
}

/** Changes the page in an editor to another; null where they are the same. */
export function mergePage(state: EditorState, other: PageDoc): Transaction | null {
  const { doc, tr } = state
  const start = doc.content.findDiffStart(other.content)
  const end = doc.content.findDiffEnd(other.content)
  if (start === null || !end) return null
  const overlap = Math.max(0, start - Math.min(end.a, end.b))
  const last = end.a + overlap
  const { from, to, empty } = state.selection
  // The space that the next word is to stand behind is not in what is kept: it is no difference, and stays.
  const isSpace = empty && from === last && /^\s+$/.test(doc.textBetween(start, last, '\n', 'x'))
  tr.replace(isSpace ? last : start, last, other.slice(start, end.b + overlap))
  tr.setMeta('addToHistory', false)
  // What comes in at the cursor comes in behind it.
  const [head, tail] = [from, to].map((place) => tr.mapping.map(place, -1)) as [number, number]
  if (empty) tr.setSelection(TextSelection.near(tr.doc.resolve(head)))
  else tr.setSelection(TextSelection.between(tr.doc.resolve(head), tr.doc.resolve(tail)))
  return tr
}
