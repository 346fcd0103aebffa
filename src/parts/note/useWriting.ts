// The text of a note while it is written. Every key is in the device's memory until it is kept: a moment after the last
// one, when the note is left, and when the page is. What is written elsewhere meanwhile comes in line by line, and
// neither goes.
import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react'
import { createStore } from 'zustand/vanilla'
import { recordIn, type Document } from '@/core/journal'
import type { NoteOwnerId } from '@/core/record'
import type { OnDemand, RunOptions, ZenStore } from '@/state'
import { desk } from '@/held/desk'
import { useTypedElsewhere } from '@/held/useTypedElsewhere'
import { useAct, useHeld, useZen } from '@/held/zen'
import { refusalWords } from '@/words'
import { typedIn, type Typed } from '@/parts/text/typedIn'

type Notes = OnDemand['notes']

const restMs = 700
/** So long a text is in the device's memory with every key. */
const laidAtOnce = 20_000

/** The text of the note as it is stored: what its lines stand for is not laid over it. */
const storedIn = (document: Document, of: NoteOwnerId): string | null =>
  (recordIn(document, of) as { readonly note: string } | undefined)?.note ?? null

/** The text that the note as it stands was written over: another's typing may have begun before one's own was kept. */
function writtenOver(store: ZenStore, of: NoteOwnerId): string | null {
  const { document, recent } = store.api.getState()
  const stored = storedIn(document, of)
  for (const { diff } of recent.toReversed())
    for (const part of diff) {
      // The page of a day is begun with its first words: another may have begun it at the same moment.
      if (part.kind === 'added' && part.record.id === of)
        return (part.record as { readonly note?: string }).note === stored ? '' : null
      if (part.kind !== 'updated' || part.id !== of) continue
      const [from, to] = part.fields['note'] ?? []
      if (typeof from === 'string' && to === stored) return from
    }
  return null
}

/** What a line stood for stays when the line goes: that is said, once it is seen. */
function tellGone(lines: number): void {
  if (lines === 0) return
  const what =
    lines === 1 ? 'A line went; what it stood for stays.' : `${lines} lines went; what they stood for stays.`
  desk.getState().tell(what, { undoable: true })
}

/**
 * What is typed at this very moment: a key may come between two drawings. It changes together with what is kept, so
 * that nothing is ever drawn of the one without the other.
 */
function holdTyped(first: Typed | null) {
  const held = createStore(() => ({ typed: first }))
  return {
    now: () => held.getState().typed,
    set: (typed: Typed | null) => held.setState({ typed }),
    subscribe: (listener: () => void) => held.subscribe(listener),
  }
}

export interface Writing {
  /** As it reads now: what is typed, else what is kept. */
  readonly text: string
  readonly problem: string | null
  /** What is written over a text that stood there: by now another may, and both are brought together. */
  readonly write: (text: string, over?: string) => void
  /** Keeps what is typed at once. */
  readonly leave: () => void
  /** Called before anything is kept: whoever writes may have more to tell. */
  readonly untoldRef: { current: () => void }
}

export function useWriting(of: NoteOwnerId, notes: Notes): Writing {
  const act = useAct()
  const { memory, store } = useZen()
  const key = `written ${of}`
  const kept = useHeld(({ document }) => notes.noteIn(document, of))
  const [held] = useState(() => holdTyped(typedIn(memory.typed.read(key))))
  const typed = useSyncExternalStore(held.subscribe, held.now)
  const [problem, setProblem] = useState<string | null>(null)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const going = useRef<RunOptions>({})
  /** What was last kept from here: nobody else has written in the note since, as long as it stands there. */
  const own = useRef<string | null>(null)
  const isKeeping = useRef(false)
  const untold = useRef(() => {})

  /** Stores what is typed, if that is still to be done. */
  const layNow = useRef(() => {})
  const remember = useCallback(
    (next: Typed | null) => {
      held.set(next)
      const lay = () => {
        clearTimeout(timer)
        layNow.current = () => {}
        memory.typed.write(key, next && JSON.stringify(next))
      }
      // A long text is stored between the keys, not with each of them.
      const isLong = next !== null && next.text.length > laidAtOnce
      const timer = isLong ? setTimeout(() => layNow.current === lay && lay(), 40) : undefined
      layNow.current = lay
      if (!isLong) lay()
    },
    [held, key, memory],
  )

  const keep = useCallback(
    (isLeaving: boolean) => {
      clearTimeout(timer.current)
      untold.current()
      const mine = held.now()
      if (mine === null) return
      const now = notes.noteIn(store.api.getState().document, of)
      const text = notes.mergedNotes(mine.from, mine.text, now)
      if (text !== now) {
        const options = { say: false, atField: true, ...going.current } as const
        isKeeping.current = true
        const outcome = act('writeNote', { id: of, note: text }, options)
        isKeeping.current = false
        const isRefused = !outcome.ok && outcome.error.kind !== 'nothingToDo'
        setProblem(isRefused ? refusalWords(outcome.error) : null)
        if (isRefused) return
        tellGone(notes.tieChanges(now, text).gone.length)
        own.current = text
        going.current = isLeaving ? {} : { continuing: store.api.getState().recent.at(-1)?.stamp }
      }
      held.set(null)
      layNow.current()
      memory.typed.handOver(key, store.settled())
    },
    [act, held, key, memory, notes, of, store],
  )

  // Another's text stands over one's own, and was not written over it: both are brought together, and kept again.
  useEffect(
    () =>
      store.api.subscribe(({ document }, before) => {
        const [was, stands] = [storedIn(before.document, of), storedIn(document, of)]
        if (isKeeping.current || was === stands || own.current === null || was !== own.current) return
        const from = writtenOver(store, of)
        if (from === null || from === own.current) return
        const base = notes.laidOver(from, notes.tiedTo(document))
        const mine = held.now()?.text ?? own.current
        const now = notes.noteIn(document, of)
        remember({ text: notes.mergedNotes(base, mine, now), from: now })
      }),
    [held, notes, of, remember, store],
  )

  useEffect(() => {
    if (typed === null) return
    timer.current = setTimeout(() => keep(false), restMs)
    return () => clearTimeout(timer.current)
  }, [keep, typed])
  useEffect(() => {
    const onHide = () => keep(false)
    window.addEventListener('pagehide', onHide)
    return () => {
      window.removeEventListener('pagehide', onHide)
      keep(true)
    }
  }, [keep])
  useTypedElsewhere(key, (kept) => held.set(typedIn(kept)))

  const text = typed ? notes.mergedNotes(typed.from, typed.text, kept) : kept
  return {
    text,
    problem,
    write: (next, over = text) => {
      setProblem(null)
      const from = notes.noteIn(store.api.getState().document, of)
      const before = held.now()
      const now = before ? notes.mergedNotes(before.from, before.text, from) : from
      const mine = over === now ? next : notes.mergedNotes(over, next, now)
      remember(mine === from ? null : { text: mine, from })
    },
    leave: () => keep(true),
    untoldRef: untold,
  }
}
