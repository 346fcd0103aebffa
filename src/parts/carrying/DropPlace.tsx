// A band, a heading, a column or a day that something can be laid into.
import type { ReactNode } from 'react'
import { placeMark, type Marked } from './place'

export interface DropPlaceProps {
  readonly place: Marked
  readonly className?: string
  readonly role?: 'presentation'
  readonly children: ReactNode
}

export const DropPlace = ({ place, children, ...box }: DropPlaceProps) => (
  <div {...box} data-place={placeMark(place)}>
    {children}
  </div>
)
