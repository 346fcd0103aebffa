// What is drawn only while it is near what is looked at: far from it, its place alone stands, as high as it was.
import { useEffect, useRef, useState, type ReactNode } from 'react'

/** One screen above and below what is in sight. */
const near = '100% 0px'

export function WhenNear({
  height,
  isFirst,
  always = false,
  children,
}: {
  /** About how high it is, before it was drawn, in px. */
  readonly height: number
  /** It is drawn with the page. */
  readonly isFirst: boolean
  /** There is so little that all of it is drawn. */
  readonly always?: boolean
  readonly children: ReactNode
}) {
  const boxRef = useRef<HTMLDivElement>(null)
  const [isNear, setNear] = useState(isFirst || typeof IntersectionObserver === 'undefined')
  const [measured, setMeasured] = useState<number | null>(null)
  useEffect(() => {
    const box = boxRef.current
    if (!box || always || typeof IntersectionObserver === 'undefined') return
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (!entry) return
        // What has the focus stays, however far the page is scrolled.
        const isHeld = box.contains(document.activeElement)
        if (!entry.isIntersecting && !isHeld) setMeasured(box.offsetHeight || null)
        setNear(entry.isIntersecting || isHeld)
      },
      { rootMargin: near },
    )
    observer.observe(box)
    return () => observer.disconnect()
  }, [always])
  const isDrawn = isNear || always
  return (
    <div ref={boxRef} className="column" style={isDrawn ? undefined : { height: measured ?? height }}>
      {isDrawn ? children : null}
    </div>
  )
}
