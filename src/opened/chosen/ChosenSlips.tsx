// Several slips chosen together: words said of all of them are added to each, to be read as its own; and what can be
// decided of all of them at once.
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { useReader } from '@/held/reader'
import { Button } from '@/ui'
import { useSentenceContext, useSlipReader } from '@/parts/capture/useSentence'
import { SayWhatChanges, type SaidChanges } from '@/parts/said/SayWhatChanges'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { chipWords, count } from '@/words'
import { AllAside, ChosenPane, leaveAfter, useLeaveEmpty } from './ChosenPane'

const partsOf = (text: string): string[] =>
  text
    .split(/[,;]/)
    .map((part) => part.trim())
    .filter((part) => part !== '')

export function ChosenSlips({ ids }: { ids: readonly Id<'slip'>[] }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const reader = useReader()
  const context = useSentenceContext()
  const draftOf = useSlipReader()
  const slips = ids.flatMap((id) => recordIn(document, id) ?? []).filter((slip) => !slip.letGoAtEpochMs)
  useLeaveEmpty(slips.length === 0)
  if (slips.length === 0) return null
  const together = count(slips.length, 'slip')
  const all = slips.map(({ id }): Id<'slip'> => id)
  const understood = (text: string) => reader.parseSentence(text, { ...context, takenOff: [], isBare: true })
  const read = (text: string): SaidChanges => {
    const { clauses, title } = understood(text)
    return { changes: clauses.map((clause) => chipWords(clause, today)), unread: partsOf(title) }
  }
  const say = (text: string) => {
    const unread = new Set(partsOf(understood(text).title))
    const said = partsOf(text).filter((part) => !unread.has(part))
    const edits = slips.map(({ id, text: before }) => ({ id, text: `${before}, ${said.join(', ')}` }))
    return act('editSlips', { edits }, { say: `Added to ${together}` }).ok
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
              leaveAfter(act('removeSlips', { ids: all }, { say: `Taken off the tray: ${together}` }))
            }
          />
          <AllAside ids={all} together={together} />
        </>
      }
      main={
        <Button
          kind="main"
          label="Make them actions"
          flexShrink={0}
          onPress={() =>
            leaveAfter(
              act(
                'sortAllAsActions',
                { slips: slips.map((slip) => ({ slipId: slip.id, fields: draftOf(slip) })) },
                { say: `Sorted as actions: ${together}` },
              ),
            )
          }
        />
      }
    >
      <SayWhatChanges placeholder="Say what is true of all of them" read={read} onSay={say} />
    </ChosenPane>
  )
}
