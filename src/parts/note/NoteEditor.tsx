// The editor of a note: words that look as they will read, with no marks to learn. It loads when the first note is
// written in; what turns a note into a page and back is handed to it, so that nothing is loaded twice.
import { Editor, Extension, InputRule, type Extensions, type JSONContent } from '@tiptap/core'
import { TaskItem, TaskList } from '@tiptap/extension-list'
import { TableKit } from '@tiptap/extension-table'
import { Fragment, Slice, type Node as PageDoc } from '@tiptap/pm/model'
import StarterKit from '@tiptap/starter-kit'
import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { noteLimit } from '@/core/record'
import { desk } from '@/held/desk'
import { asPasted } from './asPasted'
import { broughtOver, mergePage } from './mergePage'
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

export const noteExtensions: Extensions = [
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

/** Longer than this before the editor was there, it was pasted: nobody types as much in that time. */
const typedAtMost = 2000

/** Goes on with what was typed before the editor was there, key by key, or as pasted where it is long. */
export function goOnFrom(editor: Editor, text: string): void {
  if (text.length > typedAtMost) return void editor.view.pasteText(text)
  for (const sign of text) {
    if (sign === '\n') editor.commands.enter()
    else typeSign(editor.view, sign)
  }
}

/** As a key does: what a sign completes, such as a check box, is made of it. */
function typeSign(view: Editor['view'], sign: string): void {
  const { from, to } = view.state.selection
  const asIs = () => view.state.tr.insertText(sign, from, to)
  const isHandled = view.someProp('handleTextInput', (handle) => handle(view, from, to, sign, asIs))
  if (!isHandled) view.dispatch(asIs())
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
  /** The page of it: as long as that stands, the text stays as it is, however the editor would write it. */
  const standsAs = useRef<unknown>(null)
  const told = useRef({ onWrite, onLeave })
  const telling = useRef<ReturnType<typeof setTimeout>>(undefined)
  useEffect(() => {
    told.current = { onWrite, onLeave }
  })

  useLayoutEffect(() => {
    const made = new Editor({
      element: host.current,
      extensions: noteExtensions,
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
    })
    const at = where === 'end' ? null : made.view.posAtCoords({ left: where.x, top: where.y })
    standsAs.current = made.state.doc
    untoldRef.current = () => {
      clearTimeout(telling.current)
      if (made.state.doc === standsAs.current) return
      standsAs.current = made.state.doc
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
    if (text !== '') {
      goOnFrom(made, text)
      untoldRef.current()
    }
    made.on('update', () => {
      clearTimeout(telling.current)
      // A long page is told between the keys, not with each of them.
      if (made.state.doc.content.size < toldAtOnce) return untoldRef.current()
      telling.current = setTimeout(() => untoldRef.current(), 60)
    })
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
    const stood = turning.pageOf(stands.current)
    // What came in is no page: it is written on as plain text.
    if (!page || !stood) return told.current.onLeave()
    stands.current = note
    const [base, other] = [stood, page].map((each) => editor.schema.nodeFromJSON(each)) as [PageDoc, PageDoc]
    const tr = mergePage(editor.state, broughtOver(editor.state.doc, base, other))
    if (tr) editor.view.dispatch(tr.setMeta('preventUpdate', true))
    standsAs.current = editor.state.doc
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
