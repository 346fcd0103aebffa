// Speaking instead of typing. What was heard stands in the line for a look before Enter.
import { useEffect, useRef, useState } from 'react'
import { desk } from '@/held/desk'
import { IconButton } from '@/ui'
import type { Hearing } from './hearing'

// One door: what stands behind two would load at the start.
const load = () => import('./hearing')

export function Speak({ onHeard }: { onHeard: (text: string) => void }) {
  const [isListening, setListening] = useState(false)
  const hearing = useRef<Hearing | null>(null)
  useEffect(() => () => hearing.current?.stop(), [])
  const listen = async () => {
    if (isListening) return hearing.current?.stop()
    setListening(true)
    try {
      const { startHearing } = await load()
      hearing.current = startHearing({
        onHeard,
        onEnd: (problem) => {
          setListening(false)
          if (problem) desk.getState().tell(problem, { problem: true })
        },
      })
      if (hearing.current.says) desk.getState().tell(hearing.current.says)
    } catch {
      setListening(false)
    }
  }
  return (
    <IconButton
      label={isListening ? 'Stop listening' : 'Speak'}
      icon="microphone"
      tone={isListening ? 'clay' : 'inkSoft'}
      aria-pressed={isListening}
      onPress={() => void listen()}
    />
  )
}
