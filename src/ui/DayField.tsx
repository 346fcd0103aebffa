// A day, and where wanted a time: the platform's own pickers, in our dress.
import { useTheme } from '@tamagui/core'
import { useState } from 'react'

interface DayFieldProps {
  readonly label: string
  readonly kind?: 'date' | 'time'
  readonly value: string
  /** Called with a whole day (`2026-03-01`) or time (`14:30`), or with the empty text. */
  readonly onChange: (value: string) => void
}

/** Half a date is kept on the screen and not handed on. */
export function DayField({ label, kind = 'date', value, onChange }: DayFieldProps) {
  const theme = useTheme()
  const [shown, setShown] = useState(value)
  const [seen, setSeen] = useState(value)
  if (value !== seen) {
    setSeen(value)
    setShown(value)
  }
  return (
    <input
      type={kind}
      aria-label={label}
      value={shown}
      min={kind === 'date' ? '1990-01-01' : undefined}
      max={kind === 'date' ? '2199-12-31' : undefined}
      onChange={(event) => {
        setShown(event.target.value)
        if (event.target.validity.valid) onChange(event.target.value)
      }}
      style={{
        minHeight: 44,
        padding: '0 10px',
        borderRadius: 3,
        border: `1px solid ${theme.edge.get()}`,
        background: theme.slip.get() as string,
        color: theme.ink.get() as string,
        fontSize: '0.875rem',
        maxWidth: '100%',
      }}
    />
  )
}
