// Keeps the screen from going dark while something is walked through, where the browser can; it lets go of it by itself
// when the page is out of sight, and it is asked again when the page is back.
import { useEffect, useState } from 'react'

/** Whether the screen stays awake now. */
export function useStayingAwake(): boolean {
  const [isAwake, setAwake] = useState(false)
  useEffect(() => {
    let lock: WakeLockSentinel | null = null
    let isWanted = true
    const ask = async () => {
      if (!isWanted || lock !== null || document.visibilityState !== 'visible') return
      const given = await navigator.wakeLock?.request('screen').catch(() => null)
      if (!given) return
      if (!isWanted) return void given.release().catch(() => {})
      lock = given
      setAwake(true)
      given.addEventListener('release', () => {
        lock = null
        setAwake(false)
      })
    }
    const onSight = () => void ask()
    void ask()
    document.addEventListener('visibilitychange', onSight)
    return () => {
      isWanted = false
      document.removeEventListener('visibilitychange', onSight)
      void lock?.release().catch(() => {})
    }
  }, [])
  return isAwake
}
