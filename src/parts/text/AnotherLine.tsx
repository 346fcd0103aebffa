// A line to add one more to a list: what is half typed in it outlives the page. Enter keeps it and stays.
import { useLayoutEffect, useRef, useState } from 'react'
import type { TextInput } from 'react-native'
import { useZen } from '@/held/zen'
import { Field } from '@/ui'

export interface AnotherLineProps {
  /** Where the device remembers what is half typed. */
  readonly name: string
  readonly label: string
  readonly placeholder: string
  readonly maxLength: number
  /** How often it was asked for: each time it takes the focus. */
  readonly asked?: number
  /** Shift and Enter begin a new line. */
  readonly multiline?: boolean
  readonly onTyped?: (text: string) => void
  /** Whether it was kept. */
  readonly onKeep: (text: string) => boolean
}

export function AnotherLine({
  name,
  asked = 0,
  multiline = false,
  onTyped,
  onKeep,
  ...rest
}: AnotherLineProps) {
  const { memory } = useZen()
  const ref = useRef<TextInput>(null)
  const [text, setText] = useState(() => memory.typed.read(name) ?? '')
  useLayoutEffect(() => {
    if (asked > 0) ref.current?.focus()
  }, [asked])
  const change = (next: string) => {
    setText(next)
    memory.typed.write(name, next === '' ? null : next)
    onTyped?.(next)
  }
  const keep = () => {
    if (text.trim() !== '' && onKeep(text)) change('')
  }
  return (
    <Field
      {...rest}
      ref={ref}
      bare
      multiline={multiline}
      rows={1}
      value={text}
      onChangeText={change}
      onBlur={keep}
      onKeyPress={(event) => {
        const native = event.nativeEvent as unknown as KeyboardEvent
        if (native.key !== 'Enter' || native.shiftKey || native.isComposing) return
        event.preventDefault()
        keep()
      }}
    />
  )
}
