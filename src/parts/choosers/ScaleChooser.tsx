// Choosing one step of a scale, or a length: a few buttons, and for a length any other, said as in a sentence.
import { useState, type ReactNode } from 'react'
import { useReader } from '@/held/reader'
import { Button, Field, Row } from '@/ui'
import { duration } from '@/words'
import { ChooserSheet } from './ChooserSheet'

interface ScaleChooserProps<T extends string> {
  readonly title: string
  readonly anchor: DOMRect | null
  readonly options: readonly { readonly value: T; readonly label: string }[]
  readonly chosen: T | null
  /** The button that sets nothing; left out where one must stand. */
  readonly none?: string
  readonly onChoose: (value: T | null) => void
  readonly onClose: () => void
}

export function ScaleChooser<T extends string>({
  title,
  anchor,
  options,
  chosen,
  none,
  onChoose,
  onClose,
}: ScaleChooserProps<T>) {
  const choose = (value: T | null) => {
    onChoose(value)
    onClose()
  }
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        none && chosen !== null ? <Button kind="quiet" label={none} onPress={() => choose(null)} /> : null
      }
    >
      <Row gap="$2" flexWrap="wrap">
        {options.map(({ value, label }) => (
          <Button
            key={value}
            label={label}
            chosen={value === chosen}
            paddingHorizontal="$3.5"
            onPress={() => choose(value)}
          />
        ))}
      </Row>
    </ChooserSheet>
  )
}

export const usualLengths = [5, 10, 15, 20, 30, 45, 60, 90, 120, 240] as const

export interface MinutesChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  readonly minutes: number | null
  /** Some length must stand. */
  readonly isNeeded?: boolean
  readonly onChoose: (minutes: number | null) => void
  readonly onClose: () => void
  /** Below the lengths; what it chooses is chosen. */
  readonly children?: (choose: (minutes: number) => void) => ReactNode
}

/** Any length, typed as in a sentence; what is none is said to be. */
export function AnyLength({ onLength }: { onLength: (minutes: number) => void }) {
  const reader = useReader()
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const take = () => {
    const said = typed.trim().toLowerCase()
    const length = reader.readLength(/^\d+$/.test(said) ? `${said} min` : said)
    if (length === null) setProblem('Type a length such as 50, 1 h 30 or 2 hours.')
    else onLength(length)
  }
  return (
    <Field
      label="Any other length"
      placeholder="any other: 25, 1 h 30"
      value={typed}
      maxLength={20}
      onChangeText={(text) => {
        setTyped(text)
        setProblem(null)
      }}
      onSubmitEditing={take}
      problem={problem}
    />
  )
}

export function MinutesChooser({
  title,
  anchor,
  minutes,
  isNeeded = false,
  onChoose,
  onClose,
  children,
}: MinutesChooserProps) {
  const choose = (chosen: number | null) => {
    onChoose(chosen)
    onClose()
  }
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        minutes === null || isNeeded ? null : (
          <Button kind="quiet" label="no minutes" onPress={() => choose(null)} />
        )
      }
    >
      <Row gap="$2" flexWrap="wrap">
        {usualLengths.map((length) => (
          <Button
            key={length}
            label={duration(length)}
            chosen={length === minutes}
            paddingHorizontal="$3"
            onPress={() => choose(length)}
          />
        ))}
      </Row>
      <Row>
        <AnyLength onLength={choose} />
      </Row>
      {children?.(choose)}
    </ChooserSheet>
  )
}
