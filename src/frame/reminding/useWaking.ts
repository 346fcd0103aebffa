import { useEffect } from 'react'
import { recordsIn } from '@/core/journal'
import { useAct, useToday, useZen } from '@/held/zen'
import { select } from '@/state'
import { count, shortened } from '@/words'

/** Opens again what was to rest until a day that has come, when the page is opened and at midnight; and says so. */
export function useWaking(): void {
  const act = useAct()
  const today = useToday()
  const { store } = useZen()
  useEffect(() => {
    const woken = recordsIn(store.api.getState().document, 'project').filter((project) =>
      select.isToWake(project, today),
    )
    const [first] = woken
    if (!first) return
    const say = woken.length === 1 ? shortened(first.title) : count(woken.length, 'project')
    act('wakeProjects', { today }, { say: `Rested until today: ${say}` })
  }, [act, store, today])
}
