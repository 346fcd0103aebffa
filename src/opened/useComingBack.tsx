// How an action comes back and when it reminds: chips beside the others. A rule opens its chooser; a reminder is said
// again; both are taken off plainly.
import { useState, type ReactNode } from 'react'
import { standsOn } from '@/core/action'
import type { Action, Id } from '@/core/record'
import { parts } from '@/state'
import { useReader } from '@/held/reader'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { OpenedRepeatChooser, OpenedSaidAgain } from '@/parts/choosers/useChooser'
import {
  asSaid,
  chipWords,
  chooserWords,
  reminderWords,
  repeatWords,
  saidAgainWords,
  type SaidChip,
  type SaidField,
} from '@/words'

type Asked = { readonly field: 'repeat' | 'reminder'; readonly id: string | null; readonly words: string }

export function useComingBack(action: Action): {
  readonly chips: readonly SaidChip[]
  readonly offers: readonly SaidField[]
  /** Opens what says a repeat or a reminder; false for any other field. */
  readonly choose: (field: SaidField, id?: string) => boolean
  readonly layer: ReactNode
} {
  const { id } = action
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const [asked, setAsked] = useState<Asked | null>(null)
  const repeat = parts.repeatOf(document, id) ?? null
  const reminders = parts.remindersOf(document, id)
  const chips: SaidChip[] = [
    ...(repeat ? [{ field: 'repeat', words: repeatWords(repeat, today), id: repeat.id } as const] : []),
    ...reminders.map((reminder) => ({
      field: 'reminder' as const,
      words: reminderWords(reminder.when, today),
      id: reminder.id,
    })),
  ]
  const choose = (field: SaidField, of?: string) => {
    if (field !== 'repeat' && field !== 'reminder') return false
    const chip = chips.find((each) => each.id === of)
    setAsked({ field, id: of ?? null, words: chip ? asSaid(chip.words) : 'remind me the day before at 9' })
    return true
  }
  const close = () => setAsked(null)
  return {
    chips,
    offers: [...(repeat ? [] : (['repeat'] as const)), 'reminder'],
    choose,
    layer: (
      <>
        {asked?.field === 'repeat' ? (
          <OpenedRepeatChooser
            title={chooserWords.repeat}
            on={standsOn(action) ?? today}
            repeat={repeat}
            onSet={(set) => act('setRepeat', { id, repeat: set })}
            onTakeOff={() => act('setRepeat', { id, repeat: null })}
            onClose={close}
          />
        ) : null}
        {asked?.field === 'reminder' ? <ReminderSaidAgain of={id} asked={asked} onClose={close} /> : null}
      </>
    ),
  }
}

function ReminderSaidAgain({ of, asked, onClose }: { of: Id<'action'>; asked: Asked; onClose: () => void }) {
  const act = useAct()
  const reader = useReader()
  const today = useToday()
  const context = useSentenceContext()
  const id = asked.id as Id<'reminder'> | null
  const clauseIn = (words: string) =>
    reader
      .parseSentence(`it, ${words}`, context)
      .clauses.find(
        (clause) => clause.kind === 'reminder' && clause.end - clause.start >= words.trim().length,
      )
  const say = (words: string) => {
    const clause = clauseIn(words)
    if (clause?.kind !== 'reminder') return
    if (id) act('changeReminder', { id, when: clause.when })
    else act('addReminder', { id: of, when: clause.when })
  }
  return (
    <OpenedSaidAgain
      title={saidAgainWords.reminder ?? ''}
      words={asked.words}
      told={(words) => {
        const clause = clauseIn(words)
        return clause ? chipWords(clause, today) : null
      }}
      onSay={say}
      onTakeOff={id ? () => act('removeReminder', { id }) : undefined}
      onClose={onClose}
    />
  )
}
