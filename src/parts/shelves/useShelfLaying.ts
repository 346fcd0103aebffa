// The way to carrying on the shelves. What it does loads once shelves are shown: behind two chunks it would load at the
// start.
import { useEffect } from 'react'
import { loadOnDemand } from '@/held/loadOnDemand'
import { useAct, useZen } from '@/held/zen'
import type { Laying } from '@/parts/carrying/Carrying'
import type { ShelfId } from './shelfActs'

type Loaded = typeof import('./shelfLaying')
let loaded: Loaded | null = null

async function load(): Promise<Loaded> {
  loaded ??= await loadOnDemand(() => import('./shelfLaying'))
  return loaded
}

export function useShelfLaying(): Laying<ShelfId> {
  const act = useAct()
  const { store } = useZen()
  useEffect(() => void load(), [])
  /** At once where it has loaded: the next key comes to what this one has moved. */
  const lay = (how: (laying: Laying<ShelfId>) => void): void => {
    const now = ({ makeShelfLaying }: Loaded) => how(makeShelfLaying(act, store))
    if (loaded) now(loaded)
    else void load().then(now)
  }
  return {
    into: (...to) => lay(({ into }) => into(...to)),
    by: (...step) => lay(({ by }) => by(...step)),
    across: (...step) => lay(({ across }) => across?.(...step)),
  }
}
