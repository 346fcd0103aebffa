// A note where it stands: it reads as a page; a touch on its words writes in it; a box is ticked by one touch, and a
// line becomes an action by one more.
import {
  lazy,
  Suspense,
  useDeferredValue,
  useMemo,
  useRef,
  useState,
  type MouseEvent,
  type RefObject,
} from 'react'
import { recordIn } from '@/core/journal'
import type { CheckLine } from '@/core/note'
import type { PageNode } from '@/core/note/pageOf'
import type { OnDemand } from '@/state'
import { useAct, useHeldDocument } from '@/held/zen'
import { useOpened } from '@/held/useOpened'
import { EditText } from '@/parts/text/EditText'
import { BandHeading, Button, Row, SquareButton, Words } from '@/ui'
import { count, shortened } from '@/words'
import { beginningOf } from './beginningOf'
import type { NoteBandProps } from './NoteBand'
import type { Ahead } from './NoteEditor'
import { NoteText } from './NoteText'
import { useLines, type Lines } from './useLines'
import type { Turning } from './useTurning'
import { useWriting } from './useWriting'

const loadEditor = () => import('./NoteEditor')
const NoteEditor = lazy(() => loadEditor().then((module) => ({ default: module.NoteEditor })))
/** The hand is near: by the time it has decided, the editor is there. */
const readyEditor = (): void => void loadEditor().catch(() => {})

/** Longer than this, or with more lines, a note is written as plain text: no editor stays quick with it. */
const longest = 120_000
const mostLines = 2500
const isLong = (note: string): boolean => note.length > longest || note.split('\n').length > mostLines

/** So long a page is drawn at once. */
const drawnAtOnce = 8000
/** Read at first. */
const glance = 3000

type Where = { readonly x: number; readonly y: number } | 'end'

export function NotePaper({
  of,
  title = 'Note',
  placeholder = 'Add a note',
  begins = false,
  quiet = false,
  notes,
  turning,
}: NoteBandProps & { notes: OnDemand['notes']; turning: Turning }) {
  const writing = useWriting(of, notes)
  const { text, problem, untoldRef } = writing
  const [where, setWhere] = useState<Where | null>(begins ? 'end' : null)
  const [isWhole, setWhole] = useState(false)
  const isWriting = where !== null
  // While it is written in, the editor shows it: nothing of it is read again with each key.
  const read = isWriting ? '' : text
  const lines = useLines(of, notes, read)
  const whole = isWhole ? read : beginningOf(read, glance)
  const before = useDeferredValue(whole)
  // What is long is drawn piece by piece while the screen goes on.
  const told = whole.length > drawnAtOnce && !isWriting ? before : whole
  const shown = useLines(of, notes, told)
  const page = useMemo(() => turning.pageOf(told), [told, turning])
  const isPlain = isLong(text) || page === null
  const isEmpty = text.trim() === ''
  const loose = lines.open.filter(({ tie }) => tie === null)
  const aheadRef = useRef<Ahead>(nothingYet)
  /** So much of what was typed before the editor was there has been kept already. */
  const keptAheadRef = useRef(0)
  /** Where it is left, or the page goes, before the editor was there. */
  const keepAhead = () => {
    const { text: ahead, isLeft } = aheadRef.current
    if (ahead.trim() === '') return
    keptAheadRef.current += ahead.length
    aheadRef.current = { text: '', isLeft }
    writing.write([text.trimEnd(), ahead].filter((part) => part !== '').join('\n\n'))
  }
  const write = (at: Where) => {
    aheadRef.current = nothingYet
    keptAheadRef.current = 0
    untoldRef.current = keepAhead
    setWhole(true)
    // Only what is a page to its end is written in as one: an editor would lose what it cannot read.
    if (turning.pageOf(text) !== null) setWhere(at)
  }
  const stop = () => {
    writing.leave()
    setWhere(null)
  }
  return (
    <>
      {isEmpty && !isWriting ? null : (
        <BandHeading title={title}>
          {loose.length > 1 ? (
            <Button
              kind="quiet"
              label={`Make ${count(loose.length, 'action')}`}
              onPress={() => lines.make(loose)}
            />
          ) : null}
        </BandHeading>
      )}
      {problem ? (
        <Words role="alert" size="second" tone="clay">
          {problem}
        </Words>
      ) : null}
      {isPlain ? <PlainNote of={of} text={text} /> : null}
      {!isPlain && isWriting ? (
        <Suspense fallback={<TypedAhead label={title} aheadRef={aheadRef} keptRef={keptAheadRef} />}>
          <NoteEditor
            aheadRef={aheadRef}
            label={title}
            turning={turning}
            note={text}
            where={where}
            onWrite={writing.write}
            onLeave={stop}
            untoldRef={untoldRef}
          />
        </Suspense>
      ) : null}
      {!isPlain && !isWriting && !(quiet && isEmpty) ? (
        <Read
          title={title}
          placeholder={placeholder}
          page={page}
          lines={shown}
          isEmpty={isEmpty}
          isCut={told.length < text.length}
          onWhole={() => setWhole(true)}
          onWrite={write}
        />
      ) : null}
    </>
  )
}

const nothingYet: Ahead = { text: '', isLeft: false }

/** Takes the keys until the editor is there, which goes on with what was typed, and ends where that was to end. */
const TypedAhead = ({
  label,
  aheadRef,
  keptRef,
}: {
  label: string
  aheadRef: RefObject<Ahead>
  keptRef: RefObject<number>
}) => (
  <textarea
    className="note writing"
    aria-label={label}
    rows={3}
    // The person has asked to write.
    autoFocus
    onChange={(event) => {
      aheadRef.current = { text: event.target.value.slice(keptRef.current), isLeft: false }
    }}
    onKeyDown={(event) => {
      if (event.key !== 'Escape') return
      event.preventDefault()
      event.stopPropagation()
      aheadRef.current = { ...aheadRef.current, isLeft: true }
    }}
  />
)

function Read({
  title,
  placeholder,
  page,
  lines,
  isEmpty,
  isCut,
  onWhole,
  onWrite,
}: {
  title: string
  placeholder: string
  page: PageNode
  lines: Lines
  isEmpty: boolean
  /** Only its beginning is shown. */
  isCut: boolean
  onWhole: () => void
  onWrite: (where: Where) => void
}) {
  return (
    <>
      {isEmpty ? null : (
        <div
          className="note"
          onPointerEnter={readyEditor}
          onClick={(event) => {
            if (isOnWords(event)) onWrite({ x: event.clientX, y: event.clientY })
          }}
        >
          <NoteText
            page={page}
            lines={lines.all}
            onTick={lines.tick}
            beside={(line) => (
              <BesideLine line={line} verb={lines.verbOf(line)} onMake={() => lines.make([line])} />
            )}
          />
        </div>
      )}
      <Row gap="$1" flexWrap="wrap" marginLeft="$-2" onPointerEnter={readyEditor} onFocus={readyEditor}>
        {isCut ? <Button kind="quiet" label="Show all" onPress={onWhole} /> : null}
        <Button
          kind="quiet"
          icon={isEmpty ? 'pen' : undefined}
          label={isEmpty ? placeholder : 'Edit note'}
          aria-label={isEmpty ? placeholder : `Edit note: ${title}`}
          onPress={() => onWrite('end')}
        />
      </Row>
    </>
  )
}

/** A touch on a box, a link or a table that scrolls is not one on the words; nor is what ends a selection. */
function isOnWords(event: MouseEvent<HTMLElement>): boolean {
  const { target } = event
  if (!(target instanceof Element) || target.closest('button, a, summary')) return false
  return window.getSelection()?.isCollapsed !== false
}

function BesideLine({ line, verb, onMake }: { line: CheckLine; verb: string; onMake: () => void }) {
  const { open } = useOpened()
  const document = useHeldDocument()
  if (line.tie === null)
    return line.isDone ? null : (
      <SquareButton icon="enter" label={`${verb}: ${shortened(line.written)}`} onPress={onMake} />
    )
  const action = recordIn(document, `action:${line.tie}`)
  const slip = action ? undefined : recordIn(document, `slip:${line.tie}`)
  const id = action?.id ?? slip?.id
  return id ? (
    <SquareButton icon="next" label={`Open: ${shortened(line.written)}`} onPress={() => open(id)} />
  ) : null
}

/** What is too long or too deep for a page is written as it stands. */
function PlainNote({ of, text }: { of: NoteBandProps['of']; text: string }) {
  const act = useAct()
  return (
    <>
      <Words size="second" tone="inkSoft">
        Too long to show as a page. You can edit it here as plain text.
      </Words>
      <EditText
        name={`${of} note`}
        label="Note"
        rows={12}
        value={text}
        onKeep={(note, typing) =>
          act('writeNote', { id: of, note }, { say: false, atField: true, ...typing })
        }
      />
    </>
  )
}
