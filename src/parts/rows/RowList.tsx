// A list of rows of any length. Short lists are laid out whole; long ones only where they are looked at.
import { View } from '@tamagui/core'
import { useMemo, type ReactNode } from 'react'
import { DrawnLines } from './DrawnLines'
import { allOf, lineForEach, linesOfPieces, type Lines } from './lines'

const wholeUpTo = 60

interface RowListProps<T extends { readonly id: string }> {
  readonly items: readonly T[]
  readonly render: (item: T) => ReactNode
  readonly label: string
}

/** A row of one line and its details, where there is room, in px. */
export const usualRowHeight = 62

export function RowList<T extends { readonly id: string }>({ items, render, label }: RowListProps<T>) {
  const lines = useMemo(() => linesOfPieces([lineForEach(items, usualRowHeight, (item) => item)]), [items])
  return <LinesList lines={lines} draw={render} label={label} />
}

interface LinesListProps<T> {
  readonly lines: Lines<T>
  readonly draw: (line: T) => ReactNode
  readonly label: string
}

export function LinesList<T extends { readonly id: string }>({ lines, draw, label }: LinesListProps<T>) {
  if (lines.length > wholeUpTo) return <DrawnLines role="list" label={label} lines={lines} draw={draw} />
  return (
    <View role="list" aria-label={label} flexDirection="column">
      {allOf(lines).map((line) => (
        <Bare key={line.id}>{draw(line)}</Bare>
      ))}
    </View>
  )
}

const Bare = ({ children }: { children: ReactNode }) => <>{children}</>
