// How an action comes back and when it reminds: chips beside the others, said again to be changed, taken off plainly.
import { useState, type ReactNode } from 'react'
import type { Action, Id } from '@/core/record'
import { parts } from '@/state'
import { useReader } from '@/held/reader'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { OpenedSaidAgain } from '@/parts/choosers/useChooser'
import {
  asSaid,
  chipWords,
  reminderWords,
  repeatWords,
  saidAgainWords,
  type SaidChip,
  type SaidField,
} from '@/words'

type Asked = { readonly field: 'repeat' | 'reminder'; readonly id: string | null; readonly words: string }

export function useComingBack({ id }: Action): {
  readonly chips: readonly SaidChip[]
  readonly offers: readonly SaidField[]
  /** Opens what says a repeat or a reminder; false for any other field. */
  readonly choose: (field: SaidField, id?: string) => boolean
  readonly layer: ReactNode
} {
  const act = useAct()
  const reader = useReader()
  const document = useHeldDocument()
  const today = useToday()
  const context = useSentenceContext()
  const [asked, setAsked] = useState<Asked | null>(null)
  const repeat = parts.repeatOf(document, id)
  const reminders = parts.remindersOf(document, id)
  const chips: SaidChip[] = [
    ...(repeat ? [{ field: 'repeat', words: repeatWords(repeat, today), id: repeat.id } as const] : []),
    ...reminders.map((reminder) => ({
      field: 'reminder' as const,
      words: reminderWords(reminder.when, today),
      id: reminder.id,
    })),
  ]
  const clauseIn = (field: Asked['field'], words: string) =>
    reader
      .parseSentence(`it, ${words}`, context)
      .clauses.find((clause) => clause.kind === field && clause.end - clause.start >= words.trim().length)

  const choose = (field: SaidField, of?: string) => {
    if (field !== 'repeat' && field !== 'reminder') return false
    const chip = chips.find((each) => each.id === of)
    const start = field === 'repeat' ? 'every week' : 'remind me the day before at 9'
    setAsked({
      field,
      id: of ?? null,
      words: chip ? asSaid(chip.words) : start,
    })
    return true
  }
  const takeOff = ({ field, id: of }: Asked) => {
    if (field === 'repeat') act('setRepeat', { id, repeat: null })
    else if (of) act('removeReminder', { id: of as Id<'reminder'> })
  }
  const say = (words: string) => {
    const clause = asked && clauseIn(asked.field, words)
    if (!asked || !clause) return
    if (clause.kind === 'repeat') {
      const { repeat: said } = reader.draftOf({ title: '', clauses: [clause] }, today)
      act('setRepeat', { id, repeat: said })
    }
    if (clause.kind === 'reminder') {
      if (asked.id) act('changeReminder', { id: asked.id as Id<'reminder'>, when: clause.when })
      else act('addReminder', { id, when: clause.when })
    }
  }
  const layer = asked ? (
    <OpenedSaidAgain
      title={saidAgainWords[asked.field] ?? ''}
      words={asked.words}
      told={(words) => {
        const clause = clauseIn(asked.field, words)
        return clause ? chipWords(clause, today) : null
      }}
      onSay={say}
      onTakeOff={asked.id ? () => takeOff(asked) : undefined}
      onClose={() => setAsked(null)}
    />
  ) : null
  return { chips, offers: [...(repeat ? [] : (['repeat'] as const)), 'reminder'], choose, layer }
}
