import { createContext, type ComponentType, type ReactNode } from 'react'
import type { ActionRowProps, RowCarried } from './ActionRow'

type DrawCarried = (props: ActionRowProps & { readonly row: ComponentType<RowCarried> }) => ReactNode

/** Where rows can be carried: draws one as such, out of what draws it plainly. Null where they stay. */
export const CarryRow = createContext<DrawCarried | null>(null)
