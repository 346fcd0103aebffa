// Actions one below another where a day is narrow: the title, and under it what there is to know.
import { View } from '@tamagui/core'
import { memo } from 'react'
import { isOpen } from '@/core/action'
import type { Action } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { select } from '@/state'
import { Column, Press, Seal, Words } from '@/ui'
import { SquareButton } from '@/ui/SquareButton'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { useActionRow } from '@/parts/rows/ActionRow'
import { useSurroundings } from '@/parts/rows/surroundings'
import { desk } from '@/held/desk'
import { duration } from '@/words'
import { awaitedName } from '@/words/action'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'

const atMost = 40

export function Cards({ actions, label }: { actions: readonly Action[]; label?: string }) {
  const box = useBandBox(() => actions)
  return (
    <InBand.Provider value={box}>
      <View render="ul" aria-label={label} flexDirection="column">
        {actions.slice(0, atMost).map((action) => (
          <Card key={action.id} action={action} />
        ))}
      </View>
      {actions.length > atMost ? (
        <Words size="small" tone="inkSoft">
          and {actions.length - atMost} more
        </Words>
      ) : null}
    </InBand.Provider>
  )
}

/** What is waited for, on the day for asking after it. */
export function Chases({ actions, label }: { actions: readonly Action[]; label: string }) {
  const document = useHeldDocument()
  const { open } = useSurroundings()
  return actions.length === 0 ? null : (
    <View render="ul" aria-label={label} flexDirection="column">
      {actions.slice(0, atMost).map((action) => (
        <Column key={action.id} render="li" borderTopWidth={1} borderColor="$rule" paddingVertical="$1">
          <Press
            flexDirection="column"
            alignItems="flex-start"
            minHeight={28}
            width="100%"
            onPress={() => open(action.id)}
            data-row
          >
            <Words size="second">{action.title}</Words>
            <Words size="small" tone="slate">
              {`chase ${awaitedName(action, document)}`}
            </Words>
          </Press>
        </Column>
      ))}
    </View>
  )
}

function dueWords({ due }: Action, today: CalendarDate): string | null {
  if (!due) return null
  if (due.date < today) return 'overdue'
  return due.time ? `due ${due.time}` : 'due'
}

/** A week holds hundreds: plain elements, and one is drawn again only when what it says has changed. */
const Card = memo(function Card({ action }: { action: Action }) {
  const today = useToday()
  const { choosing, onKeyDown } = useActionRow(action)
  const seal = useHeld(({ document }) => select.sealOf(document, action))
  const isDone = !isOpen(action)
  const details = [
    action.at?.time,
    action.minutes ? duration(action.minutes) : null,
    action.energy === 'deep' ? 'deep' : null,
    dueWords(action, today),
  ]
    .filter(Boolean)
    .join(' · ')
  return (
    <li
      className={choosing.isTogether ? 'week-card day-card together' : 'week-card day-card'}
      data-of={action.id}
      onKeyDown={onKeyDown}
    >
      <button
        type="button"
        className="day-card-open"
        onClick={choosing.press}
        aria-pressed={choosing.isTogether || undefined}
        data-row
      >
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} size={20} />
        <span className={`slip-title ${isDone ? 'struck' : action.weight}`}>{action.title}</span>
      </button>
      <p className="day-card-details">{details || (isDone ? 'done' : 'no minutes yet')}</p>
      <span className="on-hover">
        <SquareButton
          label={`Move ${action.title}`}
          icon="week"
          onPress={() => desk.getState().openSheet({ kind: 'move', id: action.id })}
        />
      </span>
    </li>
  )
})
