// The answer to a question about one's own past, found in short stretches of work so that the screen never waits.
import { useEffect, useMemo, useState } from 'react'
import { answerPast, type PastAnswer, type PastMeant } from '@/state/read/past'
import { useOnDemand } from '@/held/reader'
import { useHeldDocument, useToday, useZen } from '@/held/zen'

/** So long is looked at a stretch, in ms. */
const stretchMs = 20

/** Null while it is looked for the first time; meanwhile the answer before. */
export function usePast(question: PastMeant | null): PastAnswer | null {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const zone = clock.zone()
  const finished = useOnDemand()?.reviews
  const key = JSON.stringify(question)
  const asked = useMemo(() => JSON.parse(key) as PastMeant | null, [key])
  const [answer, setAnswer] = useState<{ readonly to: PastMeant; readonly is: PastAnswer } | null>(null)
  useEffect(() => {
    if (!asked || !finished) return
    const answering = answerPast(document, asked, { today, zone, finished })
    let timer = setTimeout(goOn, 0)
    function goOn() {
      const until = performance.now() + stretchMs
      while (performance.now() < until) {
        const { done, value } = answering.next()
        if (!done) continue
        setAnswer({ to: asked as PastMeant, is: value })
        return
      }
      timer = setTimeout(goOn, 0)
    }
    return () => clearTimeout(timer)
  }, [document, asked, today, zone, finished])
  return answer && asked && answer.to.kind === asked.kind && answer.to.ofProjects === asked.ofProjects
    ? answer.is
    : null
}
