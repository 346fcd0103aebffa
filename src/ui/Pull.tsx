// A list to choose from that unfolds: the platform's own select, in our dress.
import { useTheme } from '@tamagui/core'
import { useId } from 'react'
import { fieldFrame } from './fieldFrame'
import { Column } from './layout'
import { Words } from './Words'

interface PullProps<T extends string> {
  readonly label: string
  readonly value: T | ''
  readonly options: readonly { readonly value: T; readonly label: string }[]
  readonly onChoose: (value: T | '') => void
  /** What stands for none; left out where one must be chosen. */
  readonly none?: string
  readonly shown?: boolean
}

export function Pull<T extends string>({
  label,
  value,
  options,
  onChoose,
  none,
  shown = false,
}: PullProps<T>) {
  const theme = useTheme()
  const id = useId()
  return (
    <Column gap="$1" minWidth={0} flexShrink={1}>
      {shown ? (
        <Words render="label" size="second" tone="inkSoft" htmlFor={id}>
          {label}
        </Words>
      ) : null}
      <select
        id={id}
        aria-label={label}
        value={value}
        onChange={(event) => onChoose(event.target.value as T | '')}
        style={{
          ...fieldFrame(theme),
          maxWidth: 'min(100%, 320px)',
          padding: '0 10px',
          fontSize: '0.875rem',
        }}
      >
        {none === undefined ? null : <option value="">{none}</option>}
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </Column>
  )
}
