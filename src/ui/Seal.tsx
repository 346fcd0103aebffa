// A printer's mark in the area's ink.
import { areaInks } from './tokens'

/** Decoration: the row says the area in words as well. A seal without an area is an empty frame. */
export function Seal({ letters, ink, size = 28 }: { letters: string | null; ink: number; size?: number }) {
  const square = { width: size, height: size, fontSize: size * 0.46 }
  if (letters === null) return <span className="seal empty" aria-hidden style={square} />
  return (
    <span className="seal" aria-hidden style={{ ...square, background: areaInks[ink % areaInks.length] }}>
      {letters}
    </span>
  )
}
