// The repeat and the reminders of a slip while it is sorted: what its sentence says, to be changed by a chooser each.
import { useState, type ReactNode } from 'react'
import { standsOn } from '@/core/action'
import type { Reminder } from '@/core/record'
import { useToday } from '@/held/zen'
import { OpenedReminderChooser, OpenedRepeatChooser } from '@/parts/choosers/useChooser'
import type { NewAction, NewRepeat } from '@/state'
import {
  chooserWords,
  reminderWords,
  repeatWords,
  type Sayable,
  type SaidChip,
  type SaidField,
} from '@/words'

type When = Reminder['when']
type Asked = { readonly field: 'repeat' } | { readonly field: 'reminder'; readonly at: number }

export interface SaidParts {
  readonly said: { readonly repeat: NewRepeat | null; readonly reminders: readonly When[] }
  readonly chips: readonly SaidChip[]
  readonly offers: readonly SaidField[]
  /** Opens the chooser of a repeat or a reminder; false for any other field. */
  readonly choose: (field: SaidField, id?: string) => boolean
  readonly layer: ReactNode
}

export function useSaidParts(fields: NewAction, of: Sayable): SaidParts {
  const today = useToday()
  const [repeat, setRepeat] = useState<NewRepeat | null | undefined>(undefined)
  const [reminders, setReminders] = useState<readonly When[] | undefined>(undefined)
  const [asked, setAsked] = useState<Asked | null>(null)
  const said = {
    repeat: repeat === undefined ? (fields.repeat ?? null) : repeat,
    reminders: reminders ?? fields.reminders ?? [],
  }
  const close = () => setAsked(null)
  const at = asked?.field === 'reminder' ? asked.at : said.reminders.length
  const others = (when: When | null) => [
    ...said.reminders.slice(0, at),
    ...(when ? [when] : []),
    ...said.reminders.slice(at + 1),
  ]
  return {
    said,
    chips: [
      ...(said.repeat
        ? [{ field: 'repeat', words: repeatWords(said.repeat, today), id: 'repeat' } as const]
        : []),
      ...said.reminders.map((when, index) => ({
        field: 'reminder' as const,
        words: reminderWords(when, today),
        id: String(index),
      })),
    ],
    offers: [...(said.repeat ? [] : (['repeat'] as const)), 'reminder'],
    choose: (field, id) => {
      if (field !== 'repeat' && field !== 'reminder') return false
      setAsked(
        field === 'repeat' ? { field } : { field, at: id === undefined ? said.reminders.length : Number(id) },
      )
      return true
    },
    layer: (
      <>
        {asked?.field === 'repeat' ? (
          <OpenedRepeatChooser
            title={chooserWords.repeat}
            on={standsOn(of) ?? today}
            repeat={said.repeat}
            onSet={setRepeat}
            onTakeOff={() => setRepeat(null)}
            onClose={close}
          />
        ) : null}
        {asked?.field === 'reminder' ? (
          <OpenedReminderChooser
            title={chooserWords.reminder}
            of={of}
            when={said.reminders[asked.at] ?? null}
            onSet={(when) => setReminders(others(when))}
            onTakeOff={() => setReminders(others(null))}
            onClose={close}
          />
        ) : null}
      </>
    ),
  }
}
