// The field of the capture line: as high as its text, with the words of each clause underlined behind it.
import { View } from '@tamagui/core'
import { useLayoutEffect, useRef, type KeyboardEvent, type RefObject } from 'react'
import type { Clause } from '@/core/sentence'
import { captureInputId } from '@/held/keys'
import { faces } from '@/ui'

/** The words of each clause underlined, behind the text being typed. */
function Underlines({ text, clauses }: { text: string; clauses: readonly Clause[] }) {
  const pieces: React.ReactNode[] = []
  let at = 0
  for (const { start, end } of clauses) {
    if (start < at) continue
    pieces.push(text.slice(at, start), <u key={start}>{text.slice(start, end)}</u>)
    at = end
  }
  // A line that ends in a break needs something behind it to be as high as the text above it.
  return <>{[...pieces, text.slice(at), '\u200b']}</>
}

const inputStyle = { font: `400 1rem/1.5rem ${faces.body}`, padding: '10px 0' }

/** Ends the composing of one sign out of several keys, where Enter is not ours. */
const isComposing = (event: KeyboardEvent): boolean => event.nativeEvent.isComposing

export interface GrowingFieldProps {
  readonly input: RefObject<HTMLTextAreaElement | null>
  readonly text: string
  readonly clauses: readonly Clause[]
  readonly placeholder: string
  readonly onText: (text: string) => void
  readonly onPaste: (event: React.ClipboardEvent) => void
  readonly onFocused: (focused: boolean) => void
  /** Whether Enter with these keys held is taken; it then writes no new line. */
  readonly onEnter: (keys: { readonly shiftKey: boolean; readonly altKey: boolean }) => boolean
}

export function GrowingField({
  input,
  text,
  clauses,
  placeholder,
  onText,
  onPaste,
  onFocused,
  onEnter,
}: GrowingFieldProps) {
  const mirror = useRef<HTMLDivElement>(null)
  const follow = () => {
    // Nothing is scrolled where there is no text: looking would lay the page out once more at the start.
    if (text !== '' && mirror.current && input.current) mirror.current.scrollTop = input.current.scrollTop
  }
  useLayoutEffect(follow, [text, input])
  return (
    <View flex={1} minWidth={0} position="relative" className="growing" minHeight={44}>
      <div className="mirror" ref={mirror} aria-hidden style={inputStyle}>
        <Underlines text={text} clauses={clauses} />
      </div>
      <textarea
        ref={input}
        id={captureInputId}
        aria-label="Add to the Tray"
        aria-multiline={false}
        placeholder={placeholder}
        value={text}
        rows={1}
        autoComplete="off"
        enterKeyHint="done"
        data-quiet-focus
        onChange={(event) => onText(event.target.value)}
        onPaste={onPaste}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !isComposing(event) && onEnter(event)) event.preventDefault()
          if (event.key === 'Escape') input.current?.blur()
        }}
        onScroll={follow}
        onFocus={() => onFocused(true)}
        onBlur={() => onFocused(false)}
        style={inputStyle}
      />
    </View>
  )
}
