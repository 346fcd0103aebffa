// Text that is kept as it is written: a moment after the last key, when the field is left, and when the page is.
// Until then every key press is in the device's memory, so that nothing typed is ever lost: not by a reload, not by a
// refusal, not by another tab that writes the same text meanwhile.
import { useCallback, useEffect, useRef, useState } from 'react'
import { checksumOf } from '@/core/checksum'
import type { Outcome, RunOptions } from '@/state'
import { Button, Column, Field, Row, Words, type FieldProps } from '@/ui'
import { refusalWords } from '@/words'
import { typedIn, type Typed } from './typedIn'
import { useTypedElsewhere } from '@/held/useTypedElsewhere'
import { useZen } from '@/held/zen'

interface EditTextProps extends Pick<
  FieldProps,
  'label' | 'shown' | 'size' | 'rows' | 'bare' | 'serif' | 'placeholder' | 'autoFocus' | 'onKeyPress'
> {
  /** Names the text, so that an unkept one is found again: `action:… note`. */
  readonly name: string
  readonly value: string
  readonly onKeep: (text: string, options: RunOptions) => Outcome
  /** Told of every text as it is typed, before it is kept. */
  readonly onTyped?: (text: string) => void
  /** An empty text is not kept, and this is said. */
  readonly needed?: string
}

const restMs = 700

export function EditText({ name, value, onKeep, onTyped, needed, ...rest }: EditTextProps) {
  const { memory, store } = useZen()
  const key = `text ${name}`
  const [typed, setTyped] = useState<Typed | null>(() => typedIn(memory.typed.read(key)))
  const [seen, setSeen] = useState(value)
  const [problem, setProblem] = useState<string | null>(null)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  /** The change that typing goes on with, as long as the field is not left. */
  const going = useRef<RunOptions>({})
  const isOwn = useRef(false)
  if (value !== seen) {
    setSeen(value)
    // One's own text comes back tidied; what stands in the field stays as it is typed.
    if (typed && isOwn.current) setTyped({ ...typed, from: checksumOf(value) })
  }
  const text = typed?.text ?? value
  const isRivalled =
    typed !== null && !isOwn.current && typed.text !== value && typed.from !== checksumOf(value)

  const remember = useCallback(
    (next: Typed | null) => {
      setTyped(next)
      memory.typed.write(key, next && JSON.stringify(next))
    },
    [key, memory],
  )

  const keep = useCallback(
    (isLeaving: boolean) => {
      clearTimeout(timer.current)
      if (typed === null || isRivalled || (needed && text.trim() === '')) return
      isOwn.current = true
      const outcome = text === value ? null : onKeep(text, going.current)
      isOwn.current = outcome?.ok === true
      const refused =
        outcome && !outcome.ok && outcome.error.kind !== 'nothingToDo' ? refusalWords(outcome.error) : null
      setProblem(refused)
      if (refused !== null) return
      going.current = isLeaving ? {} : { continuing: store.api.getState().recent.at(-1)?.stamp }
      memory.typed.handOver(key, store.settled())
      if (isLeaving) setTyped(null)
    },
    [isRivalled, key, memory, needed, onKeep, store, text, typed, value],
  )

  const keepNow = useRef(keep)
  useEffect(() => {
    keepNow.current = keep
    isOwn.current = false
  })
  useEffect(() => {
    const onHide = () => keepNow.current(false)
    // What an earlier page could not keep any more is kept now.
    onHide()
    window.addEventListener('pagehide', onHide)
    return () => {
      window.removeEventListener('pagehide', onHide)
      onHide()
    }
  }, [])
  useTypedElsewhere(key, (kept) => setTyped(typedIn(kept)))

  const change = (next: string) => {
    onTyped?.(next)
    remember({ text: next, from: typed?.from ?? checksumOf(value) })
    setProblem(null)
    clearTimeout(timer.current)
    timer.current = setTimeout(() => keepNow.current(false), restMs)
  }
  const keepMine = () => {
    remember({ text, from: checksumOf(value) })
    timer.current = setTimeout(() => keepNow.current(false))
  }
  return (
    <Column gap="$1.5" width="100%" flexShrink={1} minWidth={0}>
      <Field
        {...rest}
        value={text}
        onChangeText={change}
        onBlur={() => keep(true)}
        problem={needed && text.trim() === '' ? needed : problem}
        onSubmitEditing={rest.rows && rest.rows > 1 ? undefined : () => keep(false)}
      />
      {isRivalled ? <Rival text={value} onTake={() => remember(null)} onKeepMine={keepMine} /> : null}
    </Column>
  )
}

/**
 * The other version, where the same text was written elsewhere meanwhile. Neither goes before the person has chosen.
 */
function Rival({ text, onTake, onKeepMine }: { text: string; onTake: () => void; onKeepMine: () => void }) {
  const told = text.length > 240 ? `${text.slice(0, 240)}…` : text
  return (
    <Column role="alert" gap="$1.5" padding="$2.5" borderWidth={1} borderColor="$clay" borderRadius={3}>
      <Words size="second">
        This was changed elsewhere meanwhile
        {told.trim() === '' ? ': it is empty there.' : `. The other version: “${told}”`}
      </Words>
      <Row gap="$2" flexWrap="wrap">
        <Button label="Keep mine" onPress={onKeepMine} />
        <Button kind="quiet" label="Take the other" onPress={onTake} />
      </Row>
    </Column>
  )
}
