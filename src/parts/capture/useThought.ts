// The thought in the capture line: its words and files, what was understood of it, and its two ways out of the line.
import { useCallback, useRef } from 'react'
import type { Id } from '@/core/record'
import { thoughtOf } from '@/core/setdown/thought'
import type { NewFile } from '@/state'
import { useReader } from '@/held/reader'
import { useAct, useToday } from '@/held/zen'
import { chipWords, shortened } from '@/words'
import { noDraft, useDraft } from './useDraft'
import { useSaidOfPeople } from './useSaidOfPeople'
import { useSentence } from './useSentence'

/** A file's name without its ending. */
const bare = (name: string): string => name.replace(/\.[A-Za-z0-9]{1,5}$/, '')

export function useThought() {
  const act = useAct()
  const reader = useReader()
  const today = useToday()
  const [draft, change] = useDraft()
  const { text, takenOff, files } = draft
  // Only the first line is a sentence: what follows is its note.
  const line = text.split('\n', 1)[0] as string
  const sentence = useSentence(line, takenOff)
  const setText = (next: string) =>
    change((now) => ({ ...now, text: next, takenOff: next === '' ? [] : now.takenOff }))
  /** Says the first line otherwise; what follows it stays. */
  const setLine = (said: string, off: readonly string[]) =>
    change((now) => ({ ...now, text: said + now.text.slice(line.length), takenOff: off }))

  /** The thought in the line, and the slip it became. */
  const typing = useRef<{ slipId: Id<'slip'> | null }>({ slipId: null })
  const addFiles = useCallback(
    () => {
      const cameWith = typing.current
      return (more: readonly NewFile[]) => {
        // Set down meanwhile: they follow their thought. Where that is gone, they wait in the line.
        const { slipId } = cameWith
        if (slipId && act('addFiles', { ownerId: slipId, files: more }, { atField: true }).ok) return
        change((now) => ({ ...now, files: [...now.files, ...more] }))
      }
    },
    // The draft is read where it is kept: this never grows stale.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [],
  )

  /** The sentence with what was understood of it, for the notice and the ear. */
  const understood = [
    shortened(sentence.title),
    ...sentence.clauses.flatMap((clause) => (clause.kind === 'question' ? [] : chipWords(clause, today))),
  ]
    .filter(Boolean)
    .join(', ')

  const isNothing = text.trim() === '' && files.length === 0
  const known = useSaidOfPeople(text, takenOff)
  const ofPeople = files.length === 0 ? known : null
  const setDown = () => {
    if (isNothing) return
    if (ofPeople) {
      if (ofPeople.keep()) change(() => noDraft)
      return
    }
    const thought = text.trim() === '' ? { text: bare(files[0]?.name ?? ''), note: '' } : thoughtOf(text)
    const outcome = act(
      'setDown',
      { ...thought, takenOff, files },
      { say: `Added to the Tray: ${understood || shortened(thought.text)}` },
    )
    if (!outcome.ok) return
    change(() => noDraft)
    const [made] = outcome.value
    typing.current.slipId = made?.kind === 'added' ? (made.record.id as Id<'slip'>) : null
    typing.current = { slipId: null }
  }

  /** What says its day, its horizon or its project needs no sorting: it can be an action at once. */
  const said = reader.draftOf(sentence, today)
  const isWhole =
    !text.includes('\n') &&
    [said.day, said.due, said.at, said.horizon, said.projectId, said.repeat, said.notBefore].some(Boolean)
  const addAsAction = () => {
    if (!isWhole || ofPeople) return
    const { fields, left } = reader.becoming('action', line, sentence, said, today)
    const outcome = act(
      'addAsAction',
      { slip: { text: line, takenOff, files }, fields, left },
      { say: `Added as an action: ${understood}` },
    )
    if (outcome.ok) change(() => noDraft)
  }

  return {
    ...{ draft, change, line, sentence, setText, setLine, addFiles },
    ...{ understood, isNothing, setDown, ofPeople, isWhole: isWhole && !ofPeople, addAsAction },
  }
}

export type Thought = ReturnType<typeof useThought>
