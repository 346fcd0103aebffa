// Carrying, as the Day hands it down.
import { createElement, use, type ReactNode } from 'react'
import type { CarryingProps } from '@/parts/carrying/Carrying'
import type { DropPlaceProps } from '@/parts/carrying/DropPlace'
import { LensTools } from '../lensTools'

export function Carrying(props: CarryingProps) {
  const parts = use(LensTools)
  return parts ? createElement(parts.Carrying, props) : <>{props.children}</>
}

export function DropPlace(props: DropPlaceProps) {
  const parts = use(LensTools)
  return parts ? (
    createElement(parts.DropPlace, props)
  ) : (
    <div className={props.className}>{props.children}</div>
  )
}

/**
 * Rows that stand in a place, where the place itself has no box of its own: what is laid on one of them is laid
 * there.
 */
export const InPlace = ({ name, children }: { readonly name: string; readonly children: ReactNode }) => (
  <DropPlace place={{ kind: 'in', in: name }} role="presentation">
    {children}
  </DropPlace>
)

/** Brings a row into sight a moment after it was carried, when it stands in its new place. */
export function useFindRow(): (id: string) => void {
  const parts = use(LensTools)
  return (id) => setTimeout(() => parts?.findRow(id), 60)
}
