import { createContext, type ComponentType } from 'react'
import type { CarryingProps } from '@/parts/carrying/Carrying'
import type { DropPlaceProps } from '@/parts/carrying/DropPlace'
import type { PaperRowsProps } from '@/parts/rows/PaperRows'

/** What the station hands down to its lenses. Imported by both, it would load at the start. */
export const LensTools = createContext<{
  readonly Carrying: ComponentType<CarryingProps>
  readonly DropPlace: ComponentType<DropPlaceProps>
  readonly PaperRows: ComponentType<PaperRowsProps>
  /** Brings the row of an action into sight, and the focus to it. */
  readonly findRow: (id: string) => void
} | null>(null)
