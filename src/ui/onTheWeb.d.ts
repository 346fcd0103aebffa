// What the web has beside React Native: attributes and events that are handed on to the element, told to the types
// once, so that no part has to slip them past.
import 'react-native'
import type { FormEvent, KeyboardEvent, MouseEvent } from 'react'

declare module 'react-native' {
  interface ViewProps {
    type?: 'button' | 'submit'
    title?: string
    autoFocus?: boolean
    onKeyDown?: (event: KeyboardEvent<HTMLElement>) => void
    onKeyDownCapture?: (event: KeyboardEvent<HTMLElement>) => void
    onMouseDown?: (event: MouseEvent<HTMLElement>) => void
    onSubmit?: (event: FormEvent<HTMLElement>) => void
  }
  interface TextProps {
    htmlFor?: string
  }
  interface TextInputProps {
    dataSet?: Readonly<Record<string, string>>
  }
}
