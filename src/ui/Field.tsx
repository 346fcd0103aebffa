// Lines and boxes to write in. The label is always there for the ear; `shown` puts it above the field for the eye.
import { useTheme } from '@tamagui/core'
import { forwardRef, useId, useRef, useState, type KeyboardEvent } from 'react'
import { TextInput, type TextInputProps, type TextStyle } from 'react-native'
import { fieldFrame } from './fieldFrame'
import { Column } from './layout'
import { faces } from './tokens'
import { Words } from './Words'

export interface FieldProps extends Omit<TextInputProps, 'style'> {
  readonly label: string
  readonly shown?: boolean
  readonly problem?: string | null
  readonly size?: 'body' | 'title'
  readonly rows?: number
  /** Reads as plain text until it is written in. */
  readonly bare?: boolean
  /** Set in the heading face. */
  readonly serif?: boolean
  /** A quiet line to say something into. */
  readonly dashed?: boolean
}

/** Sizes in rem, so that text grows with the reader's own setting. */
function typeOf(size: 'body' | 'title', serif: boolean): TextStyle {
  const [fontSize, lineHeight] = size === 'title' ? ['1.5rem', '2rem'] : ['1rem', '1.5rem']
  const ofOutcome = serif && size === 'body'
  return {
    fontSize: (ofOutcome ? '1.125rem' : fontSize) as unknown as number,
    lineHeight: (ofOutcome ? '1.625rem' : lineHeight) as unknown as number,
  }
}

/** A title has one line: Enter keeps the form it begins, or leaves the field; not while a character is composed. */
function endTitle(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== 'Enter' || event.nativeEvent.isComposing) return
  event.preventDefault()
  const form = event.currentTarget.closest('form')
  if (form) form.requestSubmit()
  else event.currentTarget.blur()
}

/** What takes the focus by itself is written on at its end: browsers begin a box at its beginning. */
const goOnAtEnd = (line: HTMLInputElement) => line.setSelectionRange(line.value.length, line.value.length)

export const Field = forwardRef<TextInput, FieldProps>(function Field(
  {
    label,
    shown = false,
    problem,
    size = 'body',
    rows,
    bare: isBare = size === 'title',
    dashed = false,
    serif = size === 'title',
    onFocus,
    onBlur,
    onKeyPress,
    ...rest
  },
  ref,
) {
  const theme = useTheme()
  const id = useId()
  const [focused, setFocused] = useState(false)
  const isBegun = useRef(false)
  const bare = isBare && !focused && !problem
  return (
    <Column gap="$1" width="100%" flexShrink={1} minWidth={0}>
      {shown ? (
        <Words render="label" size="second" tone="inkSoft" htmlFor={id}>
          {label}
        </Words>
      ) : null}
      <TextInput
        ref={ref}
        id={id}
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? `${id}-problem` : undefined}
        multiline={size === 'title' || (rows !== undefined && rows > 1)}
        numberOfLines={isBare ? 1 : rows}
        placeholderTextColor={theme.inkSoft.get() as string}
        {...rest}
        dataSet={{
          quietFocus: 'true',
          ...(rest.autoFocus ? { firstFocus: 'true' } : {}),
          ...(isBare ? { grows: 'true' } : {}),
        }}
        onKeyPress={(event) => {
          if (size === 'title') endTitle(event as unknown as KeyboardEvent<HTMLElement>)
          onKeyPress?.(event)
        }}
        onFocus={(event) => {
          setFocused(true)
          if (rest.autoFocus && !isBegun.current) goOnAtEnd(event.target as unknown as HTMLInputElement)
          isBegun.current = true
          onFocus?.(event)
        }}
        onBlur={(event) => {
          setFocused(false)
          onBlur?.(event)
        }}
        style={{
          ...fieldFrame(theme, { focused, problem: Boolean(problem) }),
          paddingVertical: isBare ? 5 : 9,
          paddingHorizontal: 12,
          // Plain text stands in line with what is around it, and does not move when it is written in.
          marginHorizontal: isBare ? -13 : 0,
          borderStyle: dashed && !focused ? 'dashed' : 'solid',
          width: isBare ? ('calc(100% + 26px)' as never) : '100%',
          ...(bare ? { borderColor: 'transparent' } : {}),
          ...(bare || (dashed && !focused) ? { backgroundColor: 'transparent' } : {}),
          fontFamily: serif ? faces.heading : faces.body,
          ...typeOf(size, serif),
        }}
      />
      {problem ? (
        <Words id={`${id}-problem`} role="alert" size="second" tone="clay">
          {problem}
        </Words>
      ) : null}
    </Column>
  )
})
