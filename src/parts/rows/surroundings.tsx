// What every row of a page needs to know, worked out once for all of them.
import { useMedia } from '@tamagui/core'
import { createContext, useContext, useMemo, type ReactNode } from 'react'
import type { CalendarDate } from '@/core/time'
import { useKeymap } from '@/held/keys'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { useAct, useToday, type Act } from '@/held/zen'
import type { Keymap } from '@/state'

interface RowSurroundings {
  readonly today: CalendarDate
  readonly act: Act
  readonly wide: boolean
  readonly opened: OpenableId | null
  readonly open: (id: OpenableId) => void
  readonly keymap: Keymap
}

const Surroundings = createContext<RowSurroundings | null>(null)

export function RowSurroundingsProvider({ children }: { children: ReactNode }) {
  const today = useToday()
  const act = useAct()
  const { wide } = useMedia()
  const { opened, open } = useOpened()
  const keymap = useKeymap()
  const value = useMemo(
    () => ({ today, act, wide, opened, open, keymap }),
    [today, act, wide, opened, open, keymap],
  )
  return <Surroundings.Provider value={value}>{children}</Surroundings.Provider>
}

export function useSurroundings(): RowSurroundings {
  const surroundings = useContext(Surroundings)
  if (!surroundings) throw new Error('A row was rendered outside RowSurroundingsProvider.')
  return surroundings
}
