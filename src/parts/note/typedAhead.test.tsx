import { Editor } from '@tiptap/core'
import { goOnFrom, noteExtensions } from './NoteEditor'

const texts = ['larch, 40 mm\n[ ] send it\nat noon\n\nlast', '- one\n\n**sure** of it ', '# Calls\nOda is  ']
/** A key as the browser gives it to the editor. */
function key({ view, commands }: Editor, sign: string): void {
  if (sign === '\n') return void commands.enter()
  const { from, to } = view.state.selection
  const asIs = () => view.state.tr.insertText(sign, from, to)
  if (!view.someProp('handleTextInput', (handle) => handle(view, from, to, sign, asIs))) view.dispatch(asIs())
}
function page(ahead: string, then: string) {
  const editor = new Editor({ element: document.createElement('div'), extensions: noteExtensions })
  goOnFrom(editor, ahead)
  for (const sign of then) key(editor, sign)
  const read = editor.getJSON()
  editor.destroy()
  return read
}

it.each(texts)('goes on at every sign of %j with what was typed before the editor was there', (text) => {
  const whole = page('', text)
  for (let at = 1; at <= text.length; at++)
    expect([at, page(text.slice(0, at), text.slice(at))]).toEqual([at, whole])
})
