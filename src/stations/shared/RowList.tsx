// A list of rows of any length. Short lists are laid out whole; long ones only where they are looked at.
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { View } from '@tamagui/core'
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react'

const wholeUpTo = 60

interface RowListProps<T> {
  readonly items: readonly T[]
  readonly keyOf: (item: T) => string
  readonly render: (item: T) => ReactNode
  readonly label: string
  /** Height of a usual row in px, before it is measured. */
  readonly rowHeight?: number
}

export function RowList<T>(props: RowListProps<T>) {
  if (props.items.length > wholeUpTo) return <LongList {...props} />
  return <View render="ul" aria-label={props.label} flexDirection="column">{props.items.map((item) => <Bare key={props.keyOf(item)}>{props.render(item)}</Bare>)}</View>
}

const Bare = ({ children }: { children: ReactNode }) => <>{children}</>

function LongList<T>({ items, keyOf, render, label, rowHeight = 63 }: RowListProps<T>) {
  const list = useRef<HTMLDivElement>(null)
  const [offset, setOffset] = useState(0)
  // After every layout: what stands above the list may have grown. The same offset changes nothing.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useLayoutEffect(() => {
    const top = list.current ? list.current.getBoundingClientRect().top + window.scrollY : 0
    setOffset((before) => (Math.abs(before - top) > 1 ? top : before))
  })
  const virtual = useWindowVirtualizer({ count: items.length, estimateSize: () => rowHeight, overscan: 12, scrollMargin: offset, getItemKey: (index) => keyOf(items[index] as T) })
  return (
    <div ref={list} role="list" aria-label={label} style={{ position: 'relative', height: virtual.getTotalSize() }}>
      {virtual.getVirtualItems().map((row) => (
        <div key={row.key} role="presentation" data-index={row.index} ref={virtual.measureElement} style={{ position: 'absolute', top: 0, left: 0, right: 0, transform: `translateY(${row.start - offset}px)` }}>
          {render(items[row.index] as T)}
        </div>
      ))}
    </div>
  )
}
