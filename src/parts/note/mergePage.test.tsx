import { getSchema } from '@tiptap/core'
import { EditorState, TextSelection } from '@tiptap/pm/state'
import StarterKit from '@tiptap/starter-kit'
import { broughtOver, mergePage } from './mergePage'

const schema = getSchema([StarterKit.configure({ trailingNode: false })])
const pageOf = (...lines: string[]) =>
  schema.node(
    'doc',
    null,
    lines.map((line) => schema.node('paragraph', null, line ? [schema.text(line)] : [])),
  )
/** The lines of a page, with a mark where the cursor stands; `before` has the mark, `other` comes in. */
function broughtIn(before: string[], other: string[]): string[] {
  const doc = pageOf(...before.map((line) => line.replace('|', '')))
  let place = 0
  doc.forEach((_, offset, index) => {
    const at = before[index]?.indexOf('|') ?? -1
    if (at >= 0) place = offset + 1 + at
  })
  const state = EditorState.create({ doc, selection: TextSelection.create(doc, place) })
  const tr = mergePage(state, pageOf(...other))
  const now = tr ? state.apply(tr) : state
  const written = now.tr.insertText('|').doc
  return Array.from({ length: written.childCount }, (_, index) => written.child(index).textContent)
}

it.each([
  ['behind the cursor, at a line’s end', ['mine|'], ['mine', 'theirs'], ['mine|', 'theirs']],
  // The space typed last is in no kept text.
  ['behind a space just typed', ['mine |'], ['mine', 'theirs'], ['mine |', 'theirs']],
  ['that is the same but for that space', ['mine |'], ['mine'], ['mine |']],
  ['below in the same paragraph', ['mine |'], ['mine\ntheirs'], ['mine |\ntheirs']],
  ['before the cursor', ['mine|'], ['theirs', 'mine'], ['theirs', 'mine|']],
  ['in another line', ['one', 'mi|ne'], ['one, more', 'mine'], ['one, more', 'mi|ne']],
  ['nothing', ['mi|ne'], ['mine'], ['mi|ne']],
])('brings in what another wrote %s', (_, before, other, after) =>
  expect(broughtIn(before, other)).toEqual(after),
)

it.each([
  [
    'a space typed just now, where another wrote below',
    ['one ', 'two'],
    ['one', 'two'],
    ['one', 'two, more'],
    ['one ', 'two, more'],
  ],
  [
    'and where another wrote above',
    ['one', 'two '],
    ['one', 'two'],
    ['none', 'one', 'two'],
    ['none', 'one', 'two '],
  ],
  [
    'a line that is still empty',
    ['one', '', 'two'],
    ['one', 'two'],
    ['one, more', 'two', 'three'],
    ['one, more', '', 'two', 'three'],
  ],
  [
    'an empty line at the end, before what another added there',
    ['one', ''],
    ['one'],
    ['one', 'two'],
    ['one', '', 'two'],
  ],
  [
    'what another took out is gone',
    ['one ', 'two', 'three'],
    ['one', 'two', 'three'],
    ['one', 'three'],
    ['one ', 'three'],
  ],
  [
    'in the same line the other has the word',
    ['one ', 'two'],
    ['one', 'two'],
    ['one!', 'two'],
    ['one!', 'two'],
  ],
])('keeps what is in no kept text: %s', (_, doc, base, other, expected) => {
  const page = broughtOver(pageOf(...doc), pageOf(...base), pageOf(...other))
  expect(Array.from({ length: page.childCount }, (_none, at) => page.child(at).textContent)).toEqual(expected)
})
