// A project rests with all that is open in it: how much that is, is said with the act.
import type { Id } from '@/core/record'
import { useOnDemand } from '@/held/reader'
import { useAct, useZen } from '@/held/zen'
import { shortened } from '@/words'
import { restsAlongWords } from '@/words/resting'

/** "Not now: Mill school. Its 3 open actions rest with it" */
export function useRestingWords(): (id: Id<'project'>, title: string) => string {
  const { store } = useZen()
  const later = useOnDemand()
  return (id, title) => {
    const inside = later?.shelves.insideOf(store.api.getState().document, id)
    const along = inside ? restsAlongWords(inside) : ''
    return `Not now: ${shortened(title)}${along}`
  }
}

/** Lays a project aside for now, and says what rests with it. */
export function useResting(): (id: Id<'project'>, title: string) => boolean {
  const act = useAct()
  const words = useRestingWords()
  return (id, title) => act('setProjectState', { id, state: 'notNow' }, { say: words(id, title) }).ok
}
