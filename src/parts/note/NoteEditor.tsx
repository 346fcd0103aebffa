// The editor of a note: words that look as they will read, with no marks to learn. It loads when the first note is
// written in; what turns a note into a page and back is handed to it, so that nothing is loaded twice.
import { Editor, Extension, InputRule, type Extensions, type JSONContent } from '@tiptap/core'
import { TaskItem, TaskList } from '@tiptap/extension-list'
import { TableKit } from '@tiptap/extension-table'
import { Fragment, Slice } from '@tiptap/pm/model'
import StarterKit from '@tiptap/starter-kit'
import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { noteLimit } from '@/core/record'
import { desk } from '@/held/desk'
import { asPasted, asTyped } from './asTyped'
import { mergePage } from './mergePage'
import { EditorBar } from './EditorBar'
import { toPage } from './toPage'
import type { Turning } from './useTurning'

/** More of a web page than this at once is not a note. */
const mostHtml = 1_000_000
const tooMuchWords = `A note holds at most ${noteLimit.toLocaleString('en-GB')} characters. What you pasted is longer and was left out. Add it as a file.`

/** A check box of a note, and what it stands for: half of a line that is cut in two stands for nothing. */
const TiedItem = TaskItem.extend({
  addAttributes() {
    return {
      ...this.parent?.(),
      tie: {
        default: null,
        keepOnSplit: false,
        parseHTML: (element: HTMLElement) => element.getAttribute('data-tie'),
        renderHTML: ({ tie }: { tie?: string | null }) => (tie ? { 'data-tie': tie } : {}),
      },
    }
  },
})

/** "[ ] " in an item of a list makes that item a check box, as it does at the beginning of a line. */
const BoxInList = Extension.create({
  name: 'boxInList',
  priority: 1000,
  addInputRules() {
    return [
      new InputRule({
        find: /^\[([ x])?\]\s$/,
        handler: ({ range, chain }) => {
          if (!this.editor.isActive('listItem')) return null
          chain().deleteRange(range).liftListItem('listItem').toggleTaskList().run()
        },
      }),
    ]
  },
})

const extensions: Extensions = [
  BoxInList,
  StarterKit.configure({
    underline: false,
    trailingNode: false,
    heading: { levels: [1, 2, 3, 4, 5, 6] },
    link: { openOnClick: false, protocols: ['tel'], HTMLAttributes: { rel: 'noopener noreferrer' } },
  }),
  TaskList,
  TiedItem.configure({ nested: true, a11y: { checkboxLabel: (node) => node.textContent } }),
  TableKit.configure({ table: { resizable: false } }),
]

/** So long a page is told at once. */
const toldAtOnce = 20_000

/** What was typed before the editor was there, and whether writing was to end by then. */
export interface Ahead {
  readonly text: string
  readonly isLeft: boolean
}

/**
 * Goes on with what was typed: the words, and after them the spaces and lines that the next word is to stand behind.
 */
function goOnFrom(editor: Editor, text: string): void {
  const words = text.trimEnd()
  if (words !== '') editor.view.pasteText(asTyped(words))
  for (const sign of text.slice(words.length)) {
    if (sign === '\n') editor.commands.enter()
    else editor.view.dispatch(editor.state.tr.insertText(sign))
  }
}

export interface NoteEditorProps {
  readonly label: string
  readonly turning: Turning
  readonly note: string
  /** Where writing begins: at a point of the screen, or at the end. */
  readonly where: { readonly x: number; readonly y: number } | 'end'
  readonly aheadRef: { readonly current: Ahead }
  readonly onWrite: (note: string, over: string) => void
  readonly onLeave: () => void
  /** Set here: tells what stands in the editor, where that is still to be told. */
  readonly untoldRef: { current: () => void }
}

export function NoteEditor({
  label,
  turning,
  note,
  where,
  aheadRef,
  onWrite,
  onLeave,
  untoldRef,
}: NoteEditorProps) {
  const root = useRef<HTMLDivElement>(null)
  const host = useRef<HTMLDivElement>(null)
  const [editor, setEditor] = useState<Editor | null>(null)
  const [isLeft, setLeft] = useState(false)
  /** What stands in the editor, as it was last written down or brought in. */
  const stands = useRef(note)
  const told = useRef({ onWrite, onLeave })
  const telling = useRef<ReturnType<typeof setTimeout>>(undefined)
  useEffect(() => {
    told.current = { onWrite, onLeave }
  })

  useLayoutEffect(() => {
    const made = new Editor({
      element: host.current,
      extensions,
      injectCSS: false,
      content: turning.pageOf(stands.current) as JSONContent | null,
      editorProps: {
        attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-label': label, class: 'note writing' },
        // What is pasted as plain text is read as a note is.
        clipboardTextParser: (text, _, __, view) => {
          const page = turning.pageOf(asPasted(text))
          const doc = page && view.state.schema.nodeFromJSON(page)
          return doc ? Slice.maxOpen(doc.content) : Slice.maxOpen(Fragment.from(view.state.schema.text(text)))
        },
        // So much would hold the screen, and could not be kept.
        handlePaste: (_, event) => {
          const [text, html] = ['text/plain', 'text/html'].map(
            (type) => event.clipboardData?.getData(type).length ?? 0,
          ) as [number, number]
          const isTooMuch = text > noteLimit || html > mostHtml
          if (isTooMuch) desk.getState().tell(tooMuchWords, { problem: true })
          return isTooMuch
        },
        handleKeyDown: (_, event) => {
          if (event.key !== 'Escape') return false
          event.preventDefault()
          event.stopPropagation()
          told.current.onLeave()
          return true
        },
      },
      onUpdate: ({ editor: { state } }) => {
        clearTimeout(telling.current)
        // A long page is told between the keys, not with each of them.
        if (state.doc.content.size < toldAtOnce) return untoldRef.current()
        telling.current = setTimeout(() => untoldRef.current(), 60)
      },
    })
    const at = where === 'end' ? null : made.view.posAtCoords({ left: where.x, top: where.y })
    untoldRef.current = () => {
      clearTimeout(telling.current)
      const written = turning.noteOf(toPage(made.state.doc))
      if (written === stands.current) return
      const over = stands.current
      stands.current = written
      told.current.onWrite(written, over)
    }
    // At once: the next key is on its way.
    made.commands.setTextSelection(at ? at.pos : made.state.doc.content.size)
    made.view.focus()
    const { text, isLeft } = aheadRef.current
    if (text !== '') goOnFrom(made, text)
    setEditor(made)
    setLeft(isLeft)
    return () => {
      untoldRef.current()
      untoldRef.current = () => {}
      made.destroy()
    }
    // The editor is made once: what is told to it later comes in below.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])

  useEffect(() => {
    if (isLeft) told.current.onLeave()
  }, [isLeft])
  useEffect(() => {
    if (!editor || note === stands.current) return
    // What is typed and not told yet is told first: both come back brought together.
    const before = stands.current
    untoldRef.current()
    if (stands.current !== before) return
    const page = turning.pageOf(note)
    // What came in is no page: it is written on as plain text.
    if (!page) return told.current.onLeave()
    stands.current = note
    const tr = mergePage(editor.state, editor.schema.nodeFromJSON(page))
    if (tr) editor.view.dispatch(tr)
  }, [editor, note, turning, untoldRef])

  // Left when the focus goes on to something else; not when the whole window is.
  const onBlur = () =>
    setTimeout(() => {
      const isInside = root.current?.contains(document.activeElement) ?? false
      if (root.current && document.hasFocus() && !isInside) told.current.onLeave()
    })
  return (
    <div ref={root} onBlur={onBlur}>
      <div ref={host} />
      {editor ? <EditorBar editor={editor} onDone={onLeave} /> : null}
    </div>
  )
}
