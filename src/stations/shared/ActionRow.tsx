// One action in a list: seal, title, a soft line of details, the tick box under the thumb. Its keys work on the row.
import { memo, type KeyboardEvent } from 'react'
import { useMedia, View } from '@tamagui/core'
import { isOpen, type Action } from '@/core/record'
import { actOfKey, select } from '@/state'
import { Column, IconButton, Press, Seal, Tick, Unseen, Words } from '@/ui'
import { desk } from './desk'
import { focusRow, isTyping, useKeymap } from './keys'
import { useOpened } from './useOpened'
import { actionDetails } from './wording'
import { useAct, useHeldDocument, useToday, type Act } from './zen'

export type QuickAct = 'pick' | 'unpick' | 'move'

interface ActionRowProps {
  readonly action: Action
  readonly showProject?: boolean
  readonly showDay?: boolean
  /** A button for the act that this list is for. */
  readonly quick?: QuickAct
}

/** What a key does to the action under the focus; true where it did something. */
function actOnKey(key: ReturnType<typeof actOfKey>, action: Action, act: Act, open: () => void, today: string): boolean {
  const { id } = action
  switch (key) {
    case 'tick': act(isOpen(action) ? 'tick' : 'untick', { id }); return true
    case 'open': open(); return true
    case 'move': desk.getState().openSheet({ kind: 'move', id }); return true
    case 'horizon': desk.getState().openSheet({ kind: 'horizon', id }); return true
    case 'underway': act(action.startedAtEpochMs === null ? 'start' : 'stop', { id }); return true
    case 'pick': act(action.day === today ? 'unpick' : 'pick', { id }); return true
    default: return false
  }
}

/** For a list of actions: keys on the row it stands in. */
export function useRowKeys(action: Action): (event: KeyboardEvent) => void {
  const act = useAct()
  const { open } = useOpened()
  const keymap = useKeymap()
  const today = useToday()
  return (event) => {
    if (isTyping(event)) return
    const key = actOfKey(keymap, event.key)
    if (key === 'tick') focusRow(1)
    if (actOnKey(key, action, act, () => open(action.id), today)) event.preventDefault()
  }
}

export const ActionRow = memo(function ActionRow({ action, showProject = false, showDay = false, quick }: ActionRowProps) {
  const document = useHeldDocument()
  const today = useToday()
  const act = useAct()
  const { opened, open } = useOpened()
  const onKeyDown = useRowKeys(action)
  const area = select.areaOf(document, action)
  const done = !isOpen(action)
  const { wide } = useMedia()
  const details = [wide ? area?.name : null, actionDetails(action, document, today, { project: showProject, day: showDay })].filter(Boolean).join(' · ')
  return (
    <View render="li" flexDirection="row" alignItems="center" gap={12} paddingLeft={10} paddingRight={4} backgroundColor={opened === action.id ? '$brassWash' : '$slip'} borderBottomWidth={1} borderColor="$rule" minHeight={62} {...{ onKeyDown }}>
      <Seal stamp={area?.stamp ?? null} ink={area?.ink ?? 0} />
      <Press flex={1} minWidth={0} minHeight={61} onPress={() => open(action.id)} {...{ type: 'button', 'data-row': true }} hoverStyle={{ opacity: 0.85 }}>
        <Column flex={1} minWidth={0} paddingVertical={8}>
          <Words weight={done ? undefined : action.weight} struck={done}><Unseen>Open </Unseen>{action.title}</Words>
          {details ? <Words size="second" tone="inkSoft">{details}</Words> : null}
        </Column>
      </Press>
      {quick ? <QuickButton action={action} quick={quick} /> : null}
      <Tick name={action.title} checked={done} onToggle={() => act(done ? 'untick' : 'tick', { id: action.id })} />
    </View>
  )
})

const quickFaces = {
  pick: { icon: 'plus', label: (title: string) => `Pick ${title} for today` },
  unpick: { icon: 'minus', label: (title: string) => `Take ${title} off today` },
  move: { icon: 'week', label: (title: string) => `Move ${title}` },
} as const

function QuickButton({ action: { id, title }, quick }: { action: Action; quick: QuickAct }) {
  const act = useAct()
  const { icon, label } = quickFaces[quick]
  return <IconButton label={label(title)} icon={icon} onPress={() => (quick === 'move' ? desk.getState().openSheet({ kind: 'move', id }) : act(quick, { id }))} />
}
