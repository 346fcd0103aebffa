// Events found by words, in the window of a year: from three months back to nine ahead.
import { useEffect, useState } from 'react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { select } from '@/state'
import { useHeld, useZen } from '../zen'
import { noEvents } from './calendarsHeld'
import { loadEngine } from './useEvents'

const dayMs = 86_400_000
const [back, ahead] = [91 * dayMs, 274 * dayMs]
const fewest = 2

export function useFoundEvents(words: string, most: number): readonly ShownEvent[] {
  const zen = useZen()
  const hasSome = useHeld(({ document }) => select.calendarsOf(document).length > 0)
  const [found, setFound] = useState<{ words: string; events: readonly ShownEvent[] }>({
    words: '',
    events: noEvents,
  })
  const asked = words.trim()
  const isAsked = hasSome && asked.length >= fewest
  useEffect(() => {
    if (!isAsked) return
    let isWanted = true
    void loadEngine()
      .then(async ({ engineOf }) => {
        const { ask, seen } = engineOf(zen)
        const now = zen.clock.nowEpochMs()
        const span = { fromEpochMs: now - back, toEpochMs: now + ahead }
        const events = await ask.search(seen(), span, asked, now, most)
        if (isWanted) setFound({ words: asked, events })
      })
      .catch(() => {})
    return () => {
      isWanted = false
    }
  }, [zen, isAsked, asked, most])
  // What was found for fewer letters is shown until what these find has come.
  return isAsked && asked.startsWith(found.words.slice(0, fewest)) ? found.events : noEvents
}
