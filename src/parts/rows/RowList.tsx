// A list of rows of any length. Short lists are laid out whole; long ones only where they are looked at.
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { View } from '@tamagui/core'
import {
  createContext,
  useCallback,
  useContext,
  useLayoutEffect,
  useRef,
  useState,
  type ReactNode,
  type RefObject,
} from 'react'

const wholeUpTo = 60

/** Inside of what scrolls by itself lists are laid out whole: what is drawn where it is looked at follows the page. */
export const WholeLists = createContext(false)

interface RowListProps<T extends { readonly id: string }> {
  readonly items: readonly T[]
  readonly render: (item: T) => ReactNode
  readonly label: string
  /** Height in px before it is measured: where it is right, nothing is laid out twice. */
  readonly heightOf?: (item: T) => number
}

/** A row of one line and its details, where there is room. */
export const usualRowHeight = 62

export function RowList<T extends { readonly id: string }>(props: RowListProps<T>) {
  const isWhole = useContext(WholeLists)
  if (!isWhole && props.items.length > wholeUpTo) return <LongList {...props} />
  return (
    <View role="list" aria-label={props.label} flexDirection="column">
      {props.items.map((item) => (
        <Bare key={item.id}>{props.render(item)}</Bare>
      ))}
    </View>
  )
}

const Bare = ({ children }: { children: ReactNode }) => <>{children}</>

function LongList<T extends { readonly id: string }>({ items, render, label, heightOf }: RowListProps<T>) {
  const list = useRef<HTMLDivElement>(null)
  const offset = useOffsetInPage(list)
  const keyAt = useCallback((index: number) => (items[index] as T).id, [items])
  const heightAt = useCallback(
    (index: number) => heightOf?.(items[index] as T) ?? usualRowHeight,
    [heightOf, items],
  )
  const virtual = useWindowVirtualizer({
    count: items.length,
    estimateSize: heightAt,
    overscan: 8,
    scrollMargin: offset,
    getItemKey: keyAt,
  })
  return (
    <div
      ref={list}
      role="list"
      aria-label={label}
      style={{ position: 'relative', height: virtual.getTotalSize() }}
    >
      {virtual.getVirtualItems().map((row) => (
        <div
          key={row.key}
          role="presentation"
          data-index={row.index}
          ref={virtual.measureElement}
          style={{
            position: 'absolute',
            top: 0,
            left: 0,
            right: 0,
            transform: `translateY(${row.start - offset}px)`,
          }}
        >
          {render(items[row.index] as T)}
        </div>
      ))}
    </div>
  )
}

/** Where the last list began: the next one mostly does too, and is then laid out once. */
let lastOffset = 0

/** How far from the top of the page an element begins; followed as what stands above it grows or folds. */
function useOffsetInPage(element: RefObject<HTMLElement | null>): number {
  const [offset, setOffset] = useState(lastOffset)
  useLayoutEffect(() => {
    const measure = () => {
      lastOffset = Math.round((element.current?.getBoundingClientRect().top ?? 0) + window.scrollY)
      setOffset(lastOffset)
    }
    const observer = new ResizeObserver(measure)
    measure()
    observer.observe(document.body)
    const above = element.current?.closest('main')?.firstElementChild
    if (above) observer.observe(above)
    return () => observer.disconnect()
  }, [element])
  return offset
}
