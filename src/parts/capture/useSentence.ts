// Reading what is typed, and what was set down earlier, as it was meant on the day it was said.
import { useMemo } from 'react'
import type { Slip } from '@/core/record'
import type { Sentence, SentenceContext } from '@/core/sentence'
import { localMomentAt, type LocalMoment } from '@/core/time'
import { useReader } from '@/held/reader'
import { useHeld, useToday, useZen } from '@/held/zen'
import { select } from '@/state'

/** When a slip was added: its words mean what they meant then, whenever it is sorted. */
export function useMomentOf({ setDownAtEpochMs }: Slip): LocalMoment {
  const { clock } = useZen()
  const { date, minute } = localMomentAt(setDownAtEpochMs, clock.zone())
  return useMemo(() => ({ date, minute }), [date, minute])
}

/** What a sentence is read in: the day it was said on, the person's week, and every name there is. */
export function useSentenceContext(said?: LocalMoment): SentenceContext {
  const now = useToday()
  const { clock } = useZen()
  const today = said?.date ?? now
  // As narrow as what is read: a row is not drawn again for each thing set down.
  const names = useHeld((state) => select.namesOf(state.document))
  const weekStartsOn = useHeld((state) => select.settingsOf(state.document).weekStartsOn)
  return useMemo(
    () => ({
      today,
      weekStartsOn,
      names,
      // Asked when a sentence is read: "in 20 minutes" is counted from then.
      get minute() {
        return said?.minute ?? localMomentAt(clock.nowEpochMs(), clock.zone()).minute
      },
    }),
    [today, weekStartsOn, names, said, clock],
  )
}

/** `said` is when the words were said; now where it is left out. */
export function useSentence(text: string, takenOff: readonly string[], said?: LocalMoment): Sentence {
  const reader = useReader()
  const context = useSentenceContext(said)
  return useMemo(
    () => reader.parseSentence(text, { ...context, takenOff }),
    [reader, text, takenOff, context],
  )
}
