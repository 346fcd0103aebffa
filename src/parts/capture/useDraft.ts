// What is being set down and is not yet: its words, what was taken off, the files that lie with it, and a pasted list.
// All of it is kept on every key press, so that a reload or a crash loses nothing.
import { useState } from 'react'
import type { NewFile } from '@/state'
import { useTypedElsewhere } from '@/held/useTypedElsewhere'
import { useZen } from '@/held/zen'

export interface Draft {
  readonly text: string
  readonly takenOff: readonly string[]
  readonly files: readonly NewFile[]
}

export const noDraft: Draft = { text: '', takenOff: [], files: [] }

const isFile = (file: unknown): file is NewFile => {
  const { name, bytes, blob } = (file ?? {}) as Partial<NewFile>
  return typeof name === 'string' && typeof bytes === 'number' && typeof blob === 'string'
}

function draftIn(kept: string | null): Draft {
  try {
    const draft = JSON.parse(kept ?? 'null') as Partial<Draft> | null
    const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : [])
    return {
      text: typeof draft?.text === 'string' ? draft.text : '',
      takenOff: listOf(draft?.takenOff).filter((key): key is string => typeof key === 'string'),
      files: listOf(draft?.files).filter(isFile),
    }
  } catch {
    return noDraft
  }
}

const isEmpty = ({ text, files }: Draft): boolean => text === '' && files.length === 0

/** `change` builds on what is kept now, however many changes come before the next painting. */
export function useDraft(): readonly [Draft, (change: (now: Draft) => Draft) => void] {
  const { memory } = useZen()
  const [draft, setDraft] = useState<Draft>(() => draftIn(memory.typed.read('draft')))
  useTypedElsewhere('draft', (kept) => setDraft(draftIn(kept)))
  const change = (next: (now: Draft) => Draft) => {
    const changed = next(draftIn(memory.typed.read('draft')))
    memory.typed.write('draft', isEmpty(changed) ? null : JSON.stringify(changed))
    setDraft(changed)
  }
  return [draft, change]
}

/** A pasted list that waits to be added. It is kept apart: it may be long, and does not change with each key. */
export function usePasted(): readonly [string | null, (text: string | null) => void] {
  const { memory } = useZen()
  const [pasted, setPasted] = useState(() => memory.typed.read('pasted'))
  useTypedElsewhere('pasted', setPasted)
  const keep = (text: string | null) => {
    memory.typed.write('pasted', text)
    setPasted(text)
  }
  return [pasted, keep]
}
