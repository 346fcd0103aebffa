// One action in a list: seal, title, a soft line of details, the tick box under the thumb. Its keys work on the row.
import { isOpen, occurrenceOf } from '@/core/action'
import type { Document } from '@/core/journal'
import { parseRuleText } from '@/core/repeat'
import { memo, type KeyboardEvent } from 'react'
import { type Action, type When } from '@/core/record'
import { whenOf } from '@/core/reminder'
import { addDays, type CalendarDate, type LocalMoment } from '@/core/time'
import { actOfKey, owned, select } from '@/state'
import { nextReminderOf } from '@/state/read/reminding'
import { SlipRow } from '@/ui'
import { desk } from '@/held/desk'
import { cameByKey } from '@/held/keepFocus'
import { focusRow, isTyping } from '@/held/keys'
import { useReader } from '@/held/reader'
import { holdTyping } from '@/held/typedAhead'
import { actionDetails, fewActionDetails } from '@/words'
import { useIsOver } from './useIsOver'
import { useHeld, type Act } from '@/held/zen'
import { useSurroundings } from './surroundings'
import { useChoosing } from './useChoosing'

export type QuickAct = 'pick' | 'unpick' | 'move' | 'stay' | 'chase' | 'nearer'

export interface ActionRowProps {
  readonly action: Action
  readonly showProject?: boolean
  readonly showDay?: boolean
  /** Left out where a heading says it. */
  readonly showArea?: boolean
  /** Said before its details: why it stands here. */
  readonly hint?: string | undefined
  /** Instead of its usual details. */
  readonly details?: string | undefined
  /** A button for the act that this list is for. */
  readonly quick?: QuickAct | undefined
}

/** What a key does to the action under the focus; true where it did something. */
function actOnKey(
  key: ReturnType<typeof actOfKey>,
  action: Action,
  act: Act,
  open: () => void,
  today: string,
): boolean {
  const { id } = action
  switch (key) {
    case 'tick':
      act(isOpen(action) ? 'tick' : 'untick', { id })
      return true
    case 'open':
      open()
      return true
    case 'amend':
      open()
      holdTyping()
      desk.getState().askAmend(true)
      return true
    case 'move':
      holdTyping()
      desk.getState().openSheet({ kind: 'move', id })
      return true
    case 'horizon':
      holdTyping()
      desk.getState().openSheet({ kind: 'horizon', id })
      return true
    case 'underway':
      act(action.startedAtEpochMs === null ? 'start' : 'pause', { id })
      return true
    case 'pick':
      act(action.day === today ? 'unpick' : 'pick', { id })
      return true
    default:
      return false
  }
}

/** A row of actions: how it is chosen, and what keys do on it. */
export function useActionRow(action: Action): {
  readonly choosing: ReturnType<typeof useChoosing>
  readonly onKeyDown: (event: KeyboardEvent) => void
} {
  const { act, open, keymap, today } = useSurroundings()
  const choosing = useChoosing(action.id, () => open(action.id))
  const onKeyDown = (event: KeyboardEvent) => {
    if (isTyping(event) || choosing.key(event, keymap)) return
    // Space and Enter belong to the button that has the focus, unless that is the row itself.
    const isOnRow = (event.target as HTMLElement).closest('[data-row]') !== null
    if ((event.key === ' ' || event.key === 'Enter') && !isOnRow) return
    const key = actOfKey(keymap, event.key)
    if (key === 'tick') focusRow(1)
    if (actOnKey(key, action, act, () => open(action.id), today)) event.preventDefault()
  }
  return { choosing, onKeyDown }
}

/** How many days of its rule have passed while an action that comes back stood open. */
function missedOf(
  document: Document,
  action: Action,
  today: CalendarDate,
  days: ReturnType<typeof useReader>['days'],
): number {
  const repeat = isOpen(action) && days ? owned.repeatOf(document, action.id) : undefined
  const rule = repeat && !repeat.fromDone && parseRuleText(repeat.rule)
  return rule && days ? days.missedBy({ ...repeat, rule }, occurrenceOf(action, repeat), today) : 0
}

/** Told from the day before on. */
const nearReminder = (moment: LocalMoment | null, today: CalendarDate): When | null =>
  moment && moment.date <= addDays(today, 1) ? whenOf(moment) : null

/** Reads strings and records only, so that it draws again when its own action has changed and not when another has. */
export const ActionRow = memo(function ActionRow({
  action,
  showProject = false,
  showDay = false,
  showArea = true,
  hint,
  details,
  quick,
}: ActionRowProps) {
  const { today, act, wide, opened } = useSurroundings()
  const { choosing, onKeyDown } = useActionRow(action)
  const { days } = useReader()
  const area = useHeld((state) => select.areaOf(state.document, action))
  const seal = useHeld((state) => select.sealOf(state.document, action))
  const isOver = useIsOver(action)
  const detailed = wide ? actionDetails : fewActionDetails
  const told = useHeld((state) =>
    detailed(action, state.document, today, {
      project: showProject,
      day: showDay,
      steps: owned.stepCountOf(state.document, action.id),
      missed: missedOf(state.document, action, today, days),
      isOver,
      hint,
      rests: action.projectId !== null && select.restingProjectIdsOf(state.document).has(action.projectId),
      reminds: nearReminder(nextReminderOf(state.document, action.id), today),
    }),
  )
  const done = !isOpen(action)
  const { id, title } = action
  return (
    <SlipRow
      of={id}
      title={title}
      details={
        details ??
        [hint && told.includes(hint) ? null : hint, wide && showArea ? area?.name : null, told]
          .filter(Boolean)
          .join(' · ')
      }
      letters={seal?.letters ?? null}
      ink={seal?.ink ?? 0}
      weight={action.weight}
      struck={done}
      chosen={opened === id}
      together={choosing.isTogether}
      onOpen={choosing.press}
      onHold={choosing.choose}
      ticked={done}
      onTick={() => {
        if (!done && cameByKey()) focusRow(1)
        act(done ? 'untick' : 'tick', { id })
      }}
      onKeyDown={onKeyDown}
      quick={
        quick
          ? {
              ...quickFaces[quick],
              label: quickFaces[quick].label(title),
              onPress: () => actQuickly(quick, id, act),
            }
          : undefined
      }
    />
  )
})

function actQuickly(quick: QuickAct, id: Action['id'], act: Act): void {
  if (quick === 'move') desk.getState().openSheet({ kind: 'move', id })
  else if (quick === 'nearer') desk.getState().openSheet({ kind: 'horizon', id })
  else if (quick === 'chase') desk.getState().openSheet({ kind: 'chase', id })
  else if (quick === 'stay') act('takeFromTickler', { ids: [id] })
  else act(quick, { id })
}

const quickFaces = {
  chase: { words: 'chase', label: (title: string) => `Chase ${title}` },
  nearer: { words: 'nearer', label: (title: string) => `Bring ${title} nearer` },
  stay: { words: 'leave', label: (title: string) => `Leave ${title} as it is` },
  pick: { icon: 'plus', label: (title: string) => `Pick ${title} for today` },
  unpick: { icon: 'minus', label: (title: string) => `Take ${title} off today` },
  move: { icon: 'week', label: (title: string) => `Move ${title}` },
} as const
