// For the ear, once: what is previewed while somebody types is said a second after the last key, and not at each of
// them.
import { useEffect, useLayoutEffect, useRef, useState, type CSSProperties, type ReactNode } from 'react'

const quietMs = 1000

/** Said once it has stood for a second; what it says first stays unsaid where `fromChange`. */
export function SpokenLater({ text, fromChange = false }: { text: string; fromChange?: boolean }) {
  const [said, setSaid] = useState('')
  const first = useRef(fromChange ? text : '')
  useEffect(() => {
    if (text === first.current) return
    first.current = ''
    const timer = setTimeout(() => setSaid(text), quietMs)
    return () => clearTimeout(timer)
  }, [text])
  return (
    <div aria-live="polite" className="visually-hidden">
      {said}
    </div>
  )
}

/** What would be, for the eye at once and for the ear when typing rests. */
export function Preview({
  label,
  style,
  children,
}: {
  label?: string
  style?: CSSProperties
  children: ReactNode
}) {
  const ref = useRef<HTMLDivElement>(null)
  const [text, setText] = useState('')
  useLayoutEffect(() => {
    const parts = [...(ref.current?.children ?? [])].map((part) => part.textContent?.trim())
    setText(parts.filter(Boolean).join('. '))
  }, [children])
  return (
    <>
      <div ref={ref} role="status" aria-live="off" aria-label={label} className="preview" style={style}>
        {children}
      </div>
      <SpokenLater text={text} />
    </>
  )
}
