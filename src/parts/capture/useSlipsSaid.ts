// What changes, said or chosen today of slips that were set down earlier: their sentences say it again, each day by its
// date, so that it is read as it was meant today.
import { useMemo } from 'react'
import type { Slip } from '@/core/record'
import type { ActionPatch, Amendable, Draft, PartsSaid } from '@/core/sentence'
import { localMomentAt } from '@/core/time'
import { useReader } from '@/held/reader'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { sayableOf } from '@/parts/said/sayableOf'
import { asSaid, nameOfRecord, reminderWords, repeatWords } from '@/words'
import { useSentenceContext } from './useSentence'

interface SlipsSaid {
  /** What a slip says, as an action's fields. */
  readonly draftOf: (slip: Slip) => Draft
  /** The slip as it is sorted as an action: what it says, and its words that no field holds. */
  readonly asAction: (slip: Slip) => {
    readonly slipId: Slip['id']
    readonly fields: Draft
    readonly left: string
  }
  /** The same, as what a sentence can change. */
  readonly asAmended: (slip: Slip) => Amendable
  /** The slip's sentence with what changes in it. */
  readonly again: (
    slip: Slip,
    patch: ActionPatch,
    parts?: PartsSaid,
  ) => Pick<Slip, 'id' | 'text' | 'takenOff'>
}

export function useSlipsSaid(): SlipsSaid {
  const reader = useReader()
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const context = useSentenceContext()
  // Of a thousand slips the sentences are read once, not with every key.
  return useMemo(() => {
    const momentOf = ({ setDownAtEpochMs }: Slip) => localMomentAt(setDownAtEpochMs, clock.zone())
    const saidOn = (slip: Slip) => momentOf(slip).date
    const read = (slip: Slip, text = slip.text) => {
      const { date, minute } = momentOf(slip)
      return reader.parseSentence(text, { ...context, today: date, minute, takenOff: slip.takenOff })
    }
    const asAction = (slip: Slip) => {
      const sentence = read(slip)
      const draft = reader.draftOf(sentence, saidOn(slip))
      const { fields, left } = reader.becoming('action', slip.text, sentence, draft, saidOn(slip))
      const asMeant = saidOn(slip) === today ? fields : reader.asSaidOn(fields, saidOn(slip))
      return { slipId: slip.id, fields: asMeant, left }
    }
    const draftOf = (slip: Slip) => asAction(slip).fields
    return {
      draftOf,
      asAction,
      asAmended: (slip) => sayableOf(draftOf(slip), today),
      again: (slip, patch, { repeat, reminders = [] } = {}) => {
        const said = reader.resay(slip.text, patch, {
          today: saidOn(slip),
          nameOf: (id) => nameOfRecord(document, id),
          read: (text) => read(slip, text),
        })
        const comesBack = [
          ...(repeat ? [asSaid(repeatWords(repeat, today))] : []),
          ...reminders.map((when) => asSaid(reminderWords(when, today))),
        ]
        const text = [said, ...comesBack].join(', ')
        return { id: slip.id, text, takenOff: reader.stillTakenOff(text, slip.takenOff) }
      },
    }
  }, [reader, document, today, clock, context])
}
