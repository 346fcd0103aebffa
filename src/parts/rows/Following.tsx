// Which lines of a long list are looked at. The library of virtual lists is told of the lines four at a time: what it
// does at each change grows with what it is told of, and in a list of a hundred thousand that was most of the work of
// a tick.
import {
  elementScroll,
  useVirtualizer,
  useWindowVirtualizer,
  windowScroll,
  type ReactVirtualizerOptions,
  type Virtualizer,
} from '@tanstack/react-virtual'
import { startTransition, useEffect, useLayoutEffect, useMemo, useState, type RefObject } from 'react'
import { drawnFirst, type Drawn } from './DrawnLines'
import type { Lines } from './lines'

const together = 4

interface FollowingProps {
  readonly lines: Lines<unknown>
  readonly flowRef: RefObject<HTMLElement | null>
  readonly boxRef: RefObject<HTMLElement | null> | undefined
  readonly first: number
  readonly end: number
  readonly onDrawn: (drawn: Drawn) => void
}

export default function Following({ boxRef, ...props }: FollowingProps) {
  // Undefined until it has been looked for.
  const [around, setAround] = useState<HTMLElement | null>()
  const { flowRef } = props
  useLayoutEffect(() => {
    if (!boxRef) setAround(scrollingAround(flowRef.current))
  }, [boxRef, flowRef])
  if (boxRef) return <InBox boxOf={() => boxRef.current} {...props} />
  if (around === undefined) return null
  return around ? <InPane pane={around} {...props} /> : <InPage {...props} />
}

/** What scrolls around a list, such as what is opened beside or over the page; null where that is the page. */
function scrollingAround(list: HTMLElement | null): HTMLElement | null {
  for (let box = list?.parentElement; box && box !== document.body; box = box.parentElement)
    if (/auto|scroll/.test(getComputedStyle(box).overflowY)) return box
  return null
}

type Inside = Omit<FollowingProps, 'boxRef'>

function InBox({
  boxOf,
  offset = 0,
  ...props
}: Inside & {
  readonly boxOf: () => HTMLElement | null
  /** How far from the top of the box the list begins. */
  readonly offset?: number
}) {
  const options = useParts(props.lines)
  const [scrollToFn] = useState(() => leftAsItIs<HTMLElement>(elementScroll, ({ scrollTop }) => scrollTop))
  // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is read while drawing, and handed on to no memo
  const virtual = useVirtualizer({ ...options, scrollToFn, getScrollElement: boxOf, scrollMargin: offset })
  useTold(virtual, offset, props)
  return null
}

/** In a pane that holds more than the list. */
function InPane({ pane, ...props }: Inside & { readonly pane: HTMLElement }) {
  const { flowRef } = props
  const [offset, setOffset] = useState(0)
  useLayoutEffect(() => {
    const list = flowRef.current?.parentElement
    const measure = () =>
      setOffset(
        Math.round(
          (list?.getBoundingClientRect().top ?? 0) - pane.getBoundingClientRect().top + pane.scrollTop,
        ),
      )
    // What stands above the list grows and folds.
    const observer = new ResizeObserver(measure)
    observer.observe(pane)
    for (const child of pane.children) observer.observe(child)
    return () => observer.disconnect()
  }, [pane, flowRef])
  return <InBox boxOf={() => pane} offset={offset} {...props} />
}

function InPage(props: Inside) {
  const options = useParts(props.lines)
  const offset = useOffsetInPage(props.flowRef)
  const [scrollToFn] = useState(() => leftAsItIs<Window>(windowScroll, ({ scrollY }) => scrollY))
  const virtual = useWindowVirtualizer({ ...options, scrollToFn, scrollMargin: offset })
  useTold(virtual, offset, props)
  return null
}

type ScrollTo<Box extends Element | Window> = ReactVirtualizerOptions<Box, Element>['scrollToFn']

/**
 * The library scrolls to where it read the box to be when it was drawn first. That box may have been scrolled since,
 * before this was there: how far is read then, and not set.
 */
function leftAsItIs<Box extends Element | Window>(
  scroll: ScrollTo<Box>,
  read: (box: Box) => number,
): ScrollTo<Box> {
  let isAttached = false
  return (offset, options, instance) => {
    if (isAttached || !instance.scrollElement) return scroll(offset, options, instance)
    isAttached = true
    instance.scrollOffset = read(instance.scrollElement)
  }
}

type Parts = Pick<
  ReactVirtualizerOptions<HTMLElement, Element>,
  'count' | 'estimateSize' | 'overscan' | 'getItemKey'
>

function useParts(lines: Lines<unknown>): Parts {
  const [overscan, setOverscan] = useState(0)
  useEffect(() => {
    // What is in sight is painted first; what lies beyond it follows.
    let timer: ReturnType<typeof setTimeout> | undefined
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setOverscan(2)))
    })
    return () => {
      cancelAnimationFrame(frame)
      if (timer !== undefined) clearTimeout(timer)
    }
  }, [])
  return useMemo(() => {
    const topOf = (part: number) => lines.topOf(Math.min(lines.length, part * together))
    return {
      count: Math.ceil(lines.length / together),
      estimateSize: (part) => topOf(part + 1) - topOf(part),
      overscan,
      // Other lines are another function: their heights are looked at anew.
      getItemKey: (part) => part,
    }
  }, [lines, overscan])
}

/** Tells what is looked at, and measures it once it is drawn. */
function useTold<Box extends HTMLElement | Window>(
  virtual: Virtualizer<Box, Element>,
  offset: number,
  { lines, flowRef, first, end, onDrawn }: Inside,
): void {
  const seen = virtual.getVirtualItems()
  const [from, to] = [seen[0], seen.at(-1)]
  const height = virtual.getTotalSize()
  useLayoutEffect(() => {
    if (!from || !to) return
    const first = from.index * together
    const least = first === 0 ? drawnFirst : 0
    const end = Math.min(lines.length, Math.max(least, (to.index + 1) * together))
    onDrawn({ first, end, top: from.start - offset, height })
  })
  useLayoutEffect(() => {
    const flow = flowRef.current
    if (!flow) return
    const measure = () => {
      const tops = [...flow.children].map((line) => (line as HTMLElement).offsetTop)
      for (let at = 0; at < tops.length; at += together)
        virtual.resizeItem(
          (first + at) / together,
          (tops[at + together] ?? flow.offsetHeight) - (tops[at] as number),
        )
    }
    // At the top nothing stands above that could move: what is seen there is measured as it is painted.
    if (first > 0) measure()
    const watcher = new ResizeObserver(measure)
    watcher.observe(flow)
    return () => watcher.disconnect()
  }, [virtual, flowRef, lines, first, end])
}

/** Where the last list began: the next one mostly does too, and is then laid out once. */
let lastOffset = 0

/** How far from the top of the page a list begins; followed as what stands above it grows or folds. */
function useOffsetInPage(flowRef: RefObject<HTMLElement | null>): number {
  const [offset, setOffset] = useState(lastOffset)
  useLayoutEffect(() => {
    const list = flowRef.current?.parentElement
    const measure = () => {
      lastOffset = Math.round((list?.getBoundingClientRect().top ?? 0) + window.scrollY)
      setOffset(lastOffset)
    }
    const observer = new ResizeObserver(measure)
    observer.observe(document.body)
    const above = list?.closest('main')?.firstElementChild
    if (above) observer.observe(above)
    return () => observer.disconnect()
  }, [flowRef])
  return offset
}
