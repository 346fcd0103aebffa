// What is typed under a name may change other than by typing: another tab has left it, or a killed browser had not
// written all of it. That may happen between the drawing of a field and its first listening, so it is looked at once
// more then.
import { useEffect, useRef, useState } from 'react'
import { useZen } from './zen'

/** Hears what is typed under `name` whenever that has changed other than by typing here. */
export function useTypedElsewhere(name: string, hear: (typed: string | null) => void): void {
  const { memory } = useZen()
  const [drawn] = useState(() => memory.typed.read(name))
  const hearNow = useRef(hear)
  useEffect(() => {
    hearNow.current = hear
  })
  useEffect(() => {
    const look = () => hearNow.current(memory.typed.read(name))
    const end = memory.typed.subscribe(name, look)
    if (memory.typed.read(name) !== drawn) look()
    return end
  }, [drawn, memory, name])
}
