// The way to carrying on the shelves. What it does loads once shelves are shown: behind two chunks it would load at the
// start.
import { useEffect } from 'react'
import { loadOnDemand } from '@/held/loadOnDemand'
import { useAct, useZen } from '@/held/zen'
import type { Laying } from '@/parts/carrying/Carrying'
import type { ShelfId } from './shelfActs'

const load = () => loadOnDemand(() => import('./shelfLaying'))

export function useShelfLaying(): Laying<ShelfId> {
  const act = useAct()
  const { store } = useZen()
  useEffect(() => void load(), [])
  const lay = (how: (laying: Laying<ShelfId>) => void): void =>
    void load().then(({ makeShelfLaying }) => how(makeShelfLaying(act, store)))
  return {
    into: (...to) => lay(({ into }) => into(...to)),
    by: (...step) => lay(({ by }) => by(...step)),
    across: (...step) => lay(({ across }) => across?.(...step)),
  }
}
