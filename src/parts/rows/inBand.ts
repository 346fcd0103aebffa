// The band a row stands in, for choosing from one row to another. It is handed down as a box whose content changes and
// which itself never does: no row is drawn again because another came or went.
import { createContext } from 'react'
import type { Action, Id } from '@/core/record'

export const InBand = createContext<{ current: readonly Action[] }>({ current: [] })

/** From the last chosen of the band to `to`, both included; `to` alone where none of the band is chosen. */
export function rangeTo(
  to: Id<'action'>,
  band: readonly Action[],
  chosen: readonly Id<'action'>[],
): readonly Id<'action'>[] {
  const ids = band.map(({ id }) => id)
  const last = [...chosen].reverse().find((id) => ids.includes(id))
  const [a, b] = [ids.indexOf(last ?? to), ids.indexOf(to)]
  return a < 0 || b < 0 ? [to] : ids.slice(Math.min(a, b), Math.max(a, b) + 1)
}
