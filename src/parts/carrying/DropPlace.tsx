// A band, a heading, a column or a day that something can be laid into.
import type { ReactNode } from 'react'
import { placeMark, type Place } from './place'

export interface DropPlaceProps {
  readonly place: Exclude<Place, { kind: 'row' }>
  readonly className?: string
  readonly role?: 'presentation'
  readonly children: ReactNode
}

export const DropPlace = ({ place, children, ...box }: DropPlaceProps) => (
  <div {...box} data-place={placeMark(place)}>
    {children}
  </div>
)
