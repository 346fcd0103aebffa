// Text that is kept as it is written: a moment after the last key, when the field is left, and when the page is.
// Until then every key press is in the device's memory, so that nothing typed is ever lost.
import { useCallback, useEffect, useRef, useState } from 'react'
import { Field, type FieldProps } from '@/ui'
import { useZen } from './zen'

interface EditTextProps extends Pick<FieldProps, 'label' | 'shown' | 'size' | 'rows' | 'placeholder' | 'autoFocus'> {
  /** Names the text, so that an unkept one is found again: `action:… note`. */
  readonly name: string
  readonly value: string
  readonly onKeep: (text: string) => void
  /** An empty text is not kept, and this is said. */
  readonly needed?: string
}

const restMs = 700

export function EditText({ name, value, onKeep, needed, ...rest }: EditTextProps) {
  const { memory, store } = useZen()
  const [text, setText] = useState(() => memory.read(`text ${name}`) ?? value)
  const [seen, setSeen] = useState(value)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const keepNow = useRef(() => {})
  if (value !== seen) {
    setSeen(value)
    setText(value)
  }
  const keep = useCallback(() => {
    clearTimeout(timer.current)
    if (memory.read(`text ${name}`) === null) return
    if (needed && text.trim() === '') return
    if (text !== value) onKeep(text)
    // Only what is safely kept is taken out of the device's memory: the page may be closing at this very moment.
    void store.settled().then(() => {
      if (store.api.getState().keeping.kind === 'kept' && memory.read(`text ${name}`) === text) memory.write(`text ${name}`, null)
    })
  }, [memory, name, needed, onKeep, store, text, value])
  useEffect(() => { keepNow.current = keep }, [keep])
  useEffect(() => {
    const onHide = () => keepNow.current()
    // What an earlier page could not keep any more is kept now.
    onHide()
    window.addEventListener('pagehide', onHide)
    return () => {
      window.removeEventListener('pagehide', onHide)
      onHide()
    }
  }, [])
  const change = (next: string) => {
    setText(next)
    memory.write(`text ${name}`, next)
    clearTimeout(timer.current)
    timer.current = setTimeout(() => keepNow.current(), restMs)
  }
  return (
    <Field
      {...rest} value={text} onChangeText={change} onBlur={keep} problem={needed && text.trim() === '' ? needed : null}
      onSubmitEditing={rest.rows && rest.rows > 1 ? undefined : keep}
    />
  )
}
