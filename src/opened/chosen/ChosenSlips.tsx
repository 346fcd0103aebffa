// Several slips chosen together: what is said or chosen of all of them is said again in each sentence; and what can be
// decided of all of them at once.
import { useMemo } from 'react'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import type { Amendable } from '@/core/sentence'
import { Button } from '@/ui'
import { useSlipsSaid } from '@/parts/capture/useSlipsSaid'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { SayWhatChanges } from '@/parts/said/SayWhatChanges'
import { useAct, useHeldDocument } from '@/held/zen'
import { count, type SaidField } from '@/words'
import { CanBeSet } from './CanBeSet'
import { AllAside, ChosenPane, leaveAfter, useLeaveEmpty } from './ChosenPane'
import { useAmending, type Edit } from './useAmending'
import { sayingKeys, useKeysOnAll } from './useKeysOnAll'

const nothingStands = { repeat: undefined, reminders: [] }
/** Whom a slip waits for is said in its sentence, or when it is sorted. */
const leftOut: readonly SaidField[] = ['waiting']

export function ChosenSlips({ ids }: { ids: readonly Id<'slip'>[] }) {
  const act = useAct()
  const document = useHeldDocument()
  const chooser = useChooser()
  const said = useSlipsSaid()
  const slips = useMemo(
    () => ids.flatMap((id) => recordIn(document, id) ?? []).filter((slip) => !slip.letGoAtEpochMs),
    [ids, document],
  )
  const saying = useMemo(() => slips.map(said.asAmended), [slips, said])
  const amending = useAmending(saying, () => nothingStands)
  useKeysOnAll(sayingKeys(chooser.choose))
  useLeaveEmpty(slips.length === 0)
  if (slips.length === 0) return null
  const together = count(slips.length, 'slip')
  const all = slips.map(({ id }): Id<'slip'> => id)
  const edit = (editOf: (of: Amendable) => Edit) => {
    const edits = slips.map((slip, index) => {
      const { patch, parts } = editOf(saying[index] as Amendable)
      return said.again(slip, patch, parts)
    })
    return act('editSlips', { edits }, { say: `Changed: ${together}` }).ok
  }
  return (
    <ChosenPane
      together={together}
      acts={
        <>
          {slips.length > 1 ? (
            <Button
              kind="quiet"
              label="Join"
              onPress={() => leaveAfter(act('joinSlips', { ids: all }, { say: `Joined: ${together}` }))}
            />
          ) : null}
          <Button
            kind="quiet"
            label="Remove"
            onPress={() =>
              leaveAfter(act('removeSlips', { ids: all }, { say: `Taken out of the Tray: ${together}` }))
            }
          />
          <AllAside ids={all} together={together} />
        </>
      }
      main={
        <Button
          kind="main"
          label="Make actions"
          flexShrink={0}
          onPress={() =>
            leaveAfter(
              act(
                'sortAllAsActions',
                { slips: slips.map(said.asAction) },
                { say: `Sorted as actions: ${together}` },
              ),
            )
          }
        />
      }
    >
      <CanBeSet onChoose={chooser.choose} leftOut={leftOut} />
      <SayWhatChanges
        placeholder="Say what to change in all of them"
        read={amending.read}
        onSay={(text) => edit((of) => amending.said(text, of))}
      />
      <OpenedChooser
        chooser={chooser}
        of={amending.shared}
        onSet={(patch) => {
          const field = chooser.opened?.field
          if (field) edit((of) => amending.chosen(field, patch, of))
        }}
      />
    </ChosenPane>
  )
}
