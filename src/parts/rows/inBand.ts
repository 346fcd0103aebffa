// The band a row stands in, for choosing from one row to another. It is handed down as a box whose content changes and
// which itself never does: no row is drawn again because another came or went.
import { createContext, useEffect, useRef } from 'react'
import { desk, type Choosable } from '@/held/desk'

type Band = readonly { readonly id: Choosable }[]

export const InBand = createContext<{ current: () => Band }>({ current: () => [] })

/** The box of a band: always the same, with what the band holds now in it, worked out when it is asked for. */
export function useBandBox(bandOf: () => Band): { current: () => Band } {
  const box = useRef(bandOf)
  useEffect(() => {
    box.current = bandOf
  })
  return box
}

/** From the last chosen of the band to `to`, both included; `to` alone where none of the band is chosen. */
export function rangeTo(to: Choosable, band: Band, chosen: readonly Choosable[]): readonly Choosable[] {
  const ids = band.map(({ id }) => id)
  const last = [...chosen].reverse().find((id) => ids.includes(id))
  const [a, b] = [ids.indexOf(last ?? to), ids.indexOf(to)]
  return a < 0 || b < 0 ? [to] : ids.slice(Math.min(a, b), Math.max(a, b) + 1)
}

/** Chooses everything from the last chosen row of the band to this one. */
export const chooseTo = (id: Choosable, band: Band): void =>
  desk.getState().chooseToo(rangeTo(id, band, desk.getState().chosen))
