// One sentence, or one chooser's answer, for all that is chosen together: what it means for each of them, and what is
// told of it before it is done.
import type { Reminder, Repeat } from '@/core/record'
import type { ActionPatch, Amendable, Amendment, PartsSaid, SentenceContext } from '@/core/sentence'
import { useReader } from '@/held/reader'
import { useHeldDocument, useToday } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import type { SaidChanges } from '@/parts/said/SayWhatChanges'
import { nameOfRecord, type SaidField, type Sayable } from '@/words'
import { patchWords, partsChangeWords } from '@/words/history'

/** How many different changes are told; a sentence over fifty actions may make fifty. */
const toldAtMost = 40

interface Standing {
  readonly repeat: Repeat | undefined
  readonly reminders: readonly Reminder[]
}
export interface Edit {
  readonly patch: ActionPatch
  readonly parts?: PartsSaid
}

export function useAmending(
  all: readonly Amendable[],
  /** How each of them comes back and reminds. */
  standingOf: (index: number) => Standing,
  /** The one action that is meant by a title, where what is chosen may be blocked after another. */
  actionCalled?: SentenceContext['actionCalled'],
): {
  /** What they have in common, for the choosers. */
  readonly shared: Sayable
  readonly read: (text: string) => SaidChanges
  readonly said: (text: string, of: Amendable) => Amendment
  readonly chosen: (field: SaidField, patch: ActionPatch, of: Amendable) => Edit
} {
  const reader = useReader()
  const document = useHeldDocument()
  const today = useToday()
  const context = useSentenceContext()
  const shared = reader.sharedOf(all)
  const said = (text: string, of: Amendable) =>
    reader.amendAction(text, of, { ...context, ...(actionCalled ? { actionCalled } : {}) })
  return {
    shared,
    said,
    read: (text) => {
      const told = new Map<string, number>()
      const amended = all.map((of) => said(text, of))
      for (const [index, { patch, parts }] of amended.entries()) {
        const words = patchWords('action', all[index] ?? {}, patch, { document, today, kinds: reader.kinds })
        for (const each of [
          ...words,
          ...partsChangeWords(parts, standingOf(index), today, (id) => nameOfRecord(document, id)),
        ])
          told.set(each, (told.get(each) ?? 0) + 1)
      }
      const lines = [...told].map(([words, times]) => (times > 1 ? `${words} (${times})` : words))
      const rest = lines.length - toldAtMost
      return {
        changes: rest > 0 ? [...lines.slice(0, toldAtMost), `and ${rest} more`] : lines,
        unread: amended[0]?.unread ?? [],
        questions: amended[0]?.questions ?? [],
      }
    },
    chosen: (field, patch, of) => ({ patch: reader.patchFor(of, field, patch, shared, today) }),
  }
}
