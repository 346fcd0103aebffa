// Which reminders stand now: looked at each minute, whenever the page is looked at again, and after each change.
import { useEffect, useRef, useState } from 'react'
import { localMomentAt } from '@/core/time'
import { useHeld, useZen } from '@/held/zen'
import { dueReminders, type Standing } from '@/state/read/reminding'

const minuteMs = 60_000
/** Changes come in bursts: looked at once they have come to rest. */
const restMs = 300

export function useStanding(): readonly Standing[] {
  const { store, clock } = useZen()
  const reminders = useHeld(({ document }) => document.reminder)
  const actions = useHeld(({ document }) => document.action)
  const isReady = useHeld(({ phase }) => phase === 'ready')
  const [standing, setStanding] = useState<readonly Standing[]>([])
  const look = useRef(() => {})
  useEffect(() => {
    look.current = () => {
      const now = localMomentAt(clock.nowEpochMs(), clock.zone())
      setStanding(dueReminders(store.api.getState().document, now))
    }
  }, [clock, store])
  useEffect(() => {
    if (!isReady) return
    const timer = setTimeout(() => look.current(), restMs)
    return () => clearTimeout(timer)
  }, [reminders, actions, isReady])
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>
    // The next full minute, whatever the clock has done meanwhile.
    const wait = () => {
      timer = setTimeout(
        () => {
          look.current()
          wait()
        },
        minuteMs - (clock.nowEpochMs() % minuteMs) + 20,
      )
    }
    const onSeen = () => {
      if (document.visibilityState === 'visible') look.current()
    }
    wait()
    document.addEventListener('visibilitychange', onSeen)
    return () => {
      clearTimeout(timer)
      document.removeEventListener('visibilitychange', onSeen)
    }
  }, [clock])
  return standing
}
