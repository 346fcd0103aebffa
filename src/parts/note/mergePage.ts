// What comes into a page while it is written: only what differs is changed, and the cursor stays where it is.
import type { Node as PageDoc } from '@tiptap/pm/model'
import { TextSelection, type EditorState, type Transaction } from '@tiptap/pm/state'

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
