// What an address brings along: a page sent by the bookmark button stands in the line for a look; what another program
// shared is set down; `?line` opens on the line.
import { useCallback, useEffect, useRef } from 'react'
import { useRouter } from 'expo-router'
import { sharedThought } from '@/core/setdown/shared'
import { desk } from '@/held/desk'
import { focusCapture } from '@/held/keys'
import { forgetShared, takeUpShared } from '@/held/shared'
import { useAct, useHeld } from '@/held/zen'
import { shortened } from '@/words'

interface Arrivals {
  /** Stands in the line, in front of whatever is being typed there. */
  readonly onText: (text: string) => void
  readonly onFiles: (files: readonly File[]) => void
}

const lost = () =>
  desk.getState().tell('What was shared did not arrive. Please share it again.', { problem: true })

const names = ['title', 'text', 'url', 'shared', 'line'] as const

export function useArrivals(arrivals: Arrivals): void {
  const act = useAct()
  const router = useRouter()
  const isReady = useHeld(({ phase }) => phase !== 'loading')
  const latest = useRef(arrivals)
  useEffect(() => {
    latest.current = arrivals
  })
  const takeUp = useCallback(
    async (id: string) => {
      const shared = await takeUpShared(id)
      if (!shared) return lost()
      const thought = sharedThought(shared)
      const hasFiles = shared.files.length > 0
      // With files it waits in the line until they are imported; alone it is a slip at once.
      if (thought && hasFiles) latest.current.onText([thought.text, thought.note].filter(Boolean).join('\n'))
      if (
        thought &&
        !hasFiles &&
        !act('setDown', thought, { say: `Added to the Tray: ${shortened(thought.text)}` }).ok
      )
        return
      if (hasFiles) latest.current.onFiles(shared.files)
      await forgetShared(id)
    },
    [act],
  )
  useEffect(() => {
    const query = new URLSearchParams(window.location.search)
    if (!isReady || !names.some((name) => query.has(name))) return
    const read = (name: (typeof names)[number]) => query.get(name) ?? ''
    // Once the layout around this line stands: before that the address cannot be changed.
    const timer = setTimeout(() => {
      router.setParams(Object.fromEntries(names.map((name) => [name, undefined])))
      if (query.has('shared')) void takeUp(read('shared')).catch(lost)
      const sent = sharedThought({ title: read('title'), text: read('text'), url: read('url') })
      if (sent) latest.current.onText([sent.text, sent.note].filter((part) => part !== '').join('\n'))
      focusCapture()
    })
    return () => clearTimeout(timer)
  }, [isReady, router, takeUp])
}
