import { createContext, type ComponentType, type ReactNode } from 'react'
import type { CarryingProps } from '../carrying/Carrying'
import type { DropPlaceProps } from '../carrying/DropPlace'
import type { ActionRowProps, RowCarried } from './ActionRow'

type DrawCarried = (props: ActionRowProps & { readonly row: ComponentType<RowCarried> }) => ReactNode

/** Where rows can be carried: draws one as such, out of what draws it plainly. Null where they stay. */
export const CarryRow = createContext<DrawCarried | null>(null)

/** What carries, handed down from the Day to its lenses: reached from two chunks it would load at the start. */
export const CarryParts = createContext<{
  readonly Carrying: ComponentType<CarryingProps>
  readonly DropPlace: ComponentType<DropPlaceProps>
  /** Brings the row of an action into sight, and the focus to it. */
  readonly findRow: (id: string) => void
} | null>(null)
