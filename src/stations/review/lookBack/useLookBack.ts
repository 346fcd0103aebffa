// The figures of a span, counted in short stretches of work so that the screen never waits: until they are all there,
// those of before are shown.
import { useEffect, useMemo, useReducer, useState } from 'react'
import { daysOf, type DaySpan } from '@/core/lookBack'
import { countAhead, lookBackOf, type LookBackAsked } from '@/state/read/lookBack'
import { lists } from '@/state'
import { rest } from '@/held/rest'
import { useHeldDocument } from '@/held/zen'

/** So long is counted at a stretch, in ms. */
const stretchMs = 20

/** Says when the stretch that begins now is over. */
function stretchOver(): () => boolean {
  const until = performance.now() + stretchMs
  return () => performance.now() > until
}

/** Null until the first of them are there. */
export function useLookBack(
  { from, to }: DaySpan,
  { zone, side, grouping, weekStartsOn, matches }: LookBackAsked,
): ReturnType<typeof lookBackOf> | null {
  const document = useHeldDocument()
  const [round, lookAgain] = useReducer((count: number) => count + 1, 0)
  const asked = useMemo(
    () => ({ zone, side, grouping, weekStartsOn, matches }),
    [zone, side, grouping, weekStartsOn, matches],
  )
  const [isPrepared, setPrepared] = useState(false)
  const isCounted = useMemo(() => {
    if (!isPrepared) return false
    const dates = daysOf({ from, to })
    return countAhead(document, dates, asked, stretchOver()) === dates.length
    // Once all of it is counted it is looked at again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [document, from, to, asked, isPrepared, round])
  const back = useMemo(
    () => (isCounted ? lookBackOf(document, { from, to }, asked) : null),
    [isCounted, document, from, to, asked],
  )
  const [latest, setLatest] = useState(back)
  if (back && back !== latest) setLatest(back)
  useEffect(() => {
    if (isCounted) return
    let isWanted = true
    /** The screen is drawn anew only when all of it is there. */
    const count = async () => {
      if (!isPrepared) await lists.prepareDoneDays(document, rest)
      const dates = daysOf({ from, to })
      for (let done = 0; isWanted && done < dates.length;) {
        await rest()
        done = countAhead(document, dates, asked, stretchOver())
      }
      if (!isWanted) return
      setPrepared(true)
      lookAgain()
    }
    void count()
    return () => {
      isWanted = false
    }
  }, [isCounted, isPrepared, document, from, to, asked])
  return back ?? latest
}
