// Several actions chosen together: one sentence, one chooser, one tick for all of them.
import { isEqual } from '@/core/isEqual'
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { lists, owned } from '@/state'
import { Button } from '@/ui'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { calledAmong } from '@/parts/said/calledAmong'
import { SayWhatChanges } from '@/parts/said/SayWhatChanges'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { count, setWords } from '@/words'
import { CanBeSet } from './CanBeSet'
import { AllAside, ChosenPane, leaveAfter, useLeaveEmpty } from './ChosenPane'
import { useAmending, type Edit } from './useAmending'
import { sayingKeys, useKeysOnAll } from './useKeysOnAll'

export function ChosenActions({ ids }: { ids: readonly Id<'action'>[] }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const chooser = useChooser()
  const actions = ids.flatMap((id) => recordIn(document, id) ?? [])
  const amending = useAmending(
    actions,
    (index) => owned.comingBackOf(document, (actions[index] as Action).id),
    calledAmong(lists.openActionsOf(document), ids),
  )
  const together = count(actions.length, 'action')
  const all = actions.map(({ id }): Id<'action'> => id)
  const edit = (editOf: (action: Action) => Edit) => {
    const edits = actions.map((action) => ({ id: action.id, ...editOf(action) }))
    const [first] = actions
    const patch = edits[0]?.patch ?? {}
    const fields = Object.keys(patch).filter(
      (field) => !isEqual(first?.[field as keyof Action], patch[field as keyof typeof patch]),
    )
    const now = first ? setWords(fields, { ...first, ...patch }, document, today) : ''
    return act('editActions', { edits }, { say: now ? `${together}: ${now}` : `Changed: ${together}` }).ok
  }
  const done = () => leaveAfter(act('tickActions', { ids: all }, { say: `Done: ${together}` }))
  useKeysOnAll({
    tick: done,
    ...sayingKeys(chooser.choose),
    pick: () => {
      const day = actions.every((action) => action.day === today) ? null : today
      edit((action) => amending.chosen('day', { day }, action))
    },
  })
  useLeaveEmpty(actions.length === 0)
  if (actions.length === 0) return null
  return (
    <ChosenPane
      together={together}
      acts={
        <>
          <Button
            kind="quiet"
            label="Let go"
            onPress={() => leaveAfter(act('letGoActions', { ids: all }, { say: `Let go: ${together}` }))}
          />
          <AllAside ids={all} together={together} />
        </>
      }
      main={<Button kind="main" label="Done" flexShrink={0} onPress={done} />}
    >
      <CanBeSet onChoose={chooser.choose} />
      <SayWhatChanges
        placeholder="Say what to change in all of them"
        read={amending.read}
        onSay={(text) =>
          edit((action) => {
            const { patch, parts: said } = amending.said(text, action)
            return { patch, parts: said }
          })
        }
      />
      <OpenedChooser
        chooser={chooser}
        of={amending.shared}
        onSet={(patch) => {
          const field = chooser.opened?.field
          if (field) edit((action) => amending.chosen(field, patch, action))
        }}
      />
    </ChosenPane>
  )
}
