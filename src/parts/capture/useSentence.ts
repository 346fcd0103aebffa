// Reading what is typed, and what was set down earlier, as it was meant on the day it was said.
import { useMemo } from 'react'
import type { Slip } from '@/core/record'
import type { Sentence, SentenceContext } from '@/core/sentence'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { useReader } from '@/held/reader'
import { useHeld, useToday, useZen } from '@/held/zen'
import { select } from '@/state'

/** The day a slip was set down: its words mean what they meant then, whenever it is sorted. */
export function useDayOf({ setDownAtEpochMs }: Slip): CalendarDate {
  const { clock } = useZen()
  return localMomentAt(setDownAtEpochMs, clock.zone()).date
}

/** What a sentence is read in: the day it was said on, the person's week, and every name there is. */
export function useSentenceContext(saidOn?: CalendarDate): SentenceContext {
  const now = useToday()
  const today = saidOn ?? now
  // As narrow as what is read: a row is not drawn again for each thing set down.
  const names = useHeld((state) => select.namesOf(state.document))
  const weekStartsOn = useHeld((state) => select.settingsOf(state.document).weekStartsOn)
  return useMemo(() => ({ today, weekStartsOn, names }), [today, weekStartsOn, names])
}

/** `saidOn` is the day the words were said; today where it is left out. */
export function useSentence(text: string, takenOff: readonly string[], saidOn?: CalendarDate): Sentence {
  const reader = useReader()
  const context = useSentenceContext(saidOn)
  return useMemo(
    () => reader.parseSentence(text, { ...context, takenOff }),
    [reader, text, takenOff, context],
  )
}
