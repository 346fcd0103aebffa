// Lines and boxes to write in. The label is always there for the ear; `shown` puts it above the field for the eye.
import { useTheme } from '@tamagui/core'
import { forwardRef, useId, useState } from 'react'
import { TextInput, type TextInputProps } from 'react-native'
import { Column } from './layout'
import { Words } from './Words'

export interface FieldProps extends Omit<TextInputProps, 'style'> {
  readonly label: string
  readonly shown?: boolean
  readonly problem?: string | null
  readonly size?: 'body' | 'title'
  readonly rows?: number
}

export const Field = forwardRef<TextInput, FieldProps>(function Field(
  { label, shown = false, problem, size = 'body', rows, onFocus, onBlur, onKeyPress, ...rest },
  ref,
) {
  const theme = useTheme()
  const id = useId()
  const [focused, setFocused] = useState(false)
  const bare = size === 'title' && !focused && !problem
  const calm = focused ? 'brass' : 'edge'
  const colour = (name: keyof typeof theme) => theme[name]?.get() as string
  return (
    <Column gap={4} flexGrow={1} minWidth={0}>
      {shown ? (
        <Words render="label" size="second" tone="inkSoft" {...{ htmlFor: id }}>
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
        numberOfLines={size === 'title' ? 1 : rows}
        placeholderTextColor={colour('inkSoft')}
        {...rest}
        {...{
          dataSet: {
            quietFocus: 'true',
            ...(rest.autoFocus ? { firstFocus: 'true' } : {}),
            ...(size === 'title' ? { grows: 'true' } : {}),
          },
        }}
        onKeyPress={(event) => {
          if (size === 'title' && event.nativeEvent.key === 'Enter') {
            event.preventDefault()
            ;(event.target as unknown as HTMLElement).blur()
          }
          onKeyPress?.(event)
        }}
        onFocus={(event) => {
          setFocused(true)
          onFocus?.(event)
        }}
        onBlur={(event) => {
          setFocused(false)
          onBlur?.(event)
        }}
        style={{
          minHeight: 44,
          paddingVertical: 9,
          paddingHorizontal: bare ? 0 : 12,
          borderRadius: 3,
          borderWidth: 1,
          width: '100%',
          borderColor: bare ? 'transparent' : colour(problem ? 'clay' : calm),
          boxShadow: focused ? `0 0 0 2px ${colour('brassWash')}, 0 0 0 3px ${colour('brass')}` : 'none',
          backgroundColor: bare ? 'transparent' : colour('slip'),
          color: colour('ink'),
          fontFamily:
            size === 'title'
              ? "'Literata', Georgia, serif"
              : "'Atkinson Hyperlegible Next', system-ui, sans-serif",
          fontSize: (size === 'title' ? '1.25rem' : '1rem') as unknown as number,
          lineHeight: (size === 'title' ? '1.75rem' : '1.5rem') as unknown as number,
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
