// How an action comes back and when it reminds: chips beside the others, each with its chooser.
import { useState, type ReactNode } from 'react'
import { standsOn } from '@/core/action'
import type { Action } from '@/core/record'
import { owned } from '@/state'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { OpenedReminderChooser, OpenedRepeatChooser } from '@/parts/choosers/useChooser'
import { chooserWords, reminderWords, repeatWords, shortened, type SaidChip, type SaidField } from '@/words'

type Asked = { readonly field: 'repeat' | 'reminder'; readonly id: string | null }

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
  const repeat = owned.repeatOf(document, id) ?? null
  const reminders = owned.remindersOf(document, id)
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
    setAsked({ field, id: of ?? null })
    return true
  }
  const close = () => setAsked(null)
  const nowSays = (words: string) => ({ say: `${shortened(action.title)}: ${words}` })
  const changed = reminders.find((reminder) => reminder.id === asked?.id)
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
            onSet={(set) => act('setRepeat', { id, repeat: set }, nowSays(repeatWords(set, today)))}
            onTakeOff={() => act('setRepeat', { id, repeat: null }, nowSays('no repeat'))}
            onClose={close}
          />
        ) : null}
        {asked?.field === 'reminder' ? (
          <OpenedReminderChooser
            title={chooserWords.reminder}
            of={action}
            when={changed?.when ?? null}
            onSet={(when) => {
              const now = nowSays(reminderWords(when, today))
              if (changed) act('changeReminder', { id: changed.id, when }, now)
              else act('addReminder', { id, when }, now)
            }}
            onTakeOff={() =>
              changed && act('removeReminder', { id: changed.id }, nowSays('reminder removed'))
            }
            onClose={close}
          />
        ) : null}
      </>
    ),
  }
}
