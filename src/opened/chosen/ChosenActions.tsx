// Several actions chosen together: one sentence, one chooser, one tick for all of them.
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import type { ActionPatch, PartsSaid } from '@/core/sentence'
import { useReader } from '@/held/reader'
import { parts, select } from '@/state'
import { Button, Row } from '@/ui'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { SayWhatChanges, type SaidChanges } from '@/parts/said/SayWhatChanges'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { chooserWords, count, offerWords, type SaidField } from '@/words'
import { fieldChangeWords, partsChangeWords } from '@/words/history'
import { AllAside, ChosenPane, leaveAfter, useLeaveEmpty } from './ChosenPane'
import { patchFor, sharedOf } from './sharedOf'

/** How many different changes are told; a sentence over fifty actions may make fifty. */
const toldAtMost = 4

/** What can be set of all of them, what is set most often first. */
const settable: readonly SaidField[] = [
  'day',
  'horizon',
  'shelf',
  'contextIds',
  'minutes',
  'due',
  'personIds',
  'weight',
  'energy',
  'waiting',
  'notBefore',
  'payoff',
  'craft',
]

interface Edit {
  readonly patch: ActionPatch
  readonly parts?: PartsSaid
}

export function ChosenActions({ ids }: { ids: readonly Id<'action'>[] }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const chooser = useChooser()
  const reader = useReader()
  const actions = ids.flatMap((id) => recordIn(document, id) ?? [])
  const names = select.namesOf(document)
  const { weekStartsOn } = select.settingsOf(document)
  useLeaveEmpty(actions.length === 0)
  if (actions.length === 0) return null
  const amended = (text: string, action: Action) =>
    reader.amendAction(text, action, { today, weekStartsOn, names })
  const read = (text: string): SaidChanges => {
    const told = new Map<string, number>()
    const said = actions.map((action) => ({ action, ...amended(text, action) }))
    for (const { action, patch, parts: ofParts } of said) {
      const standing = parts.comingBackOf(document, action.id)
      const words = Object.entries(patch).map(([field, to]) =>
        fieldChangeWords(field, action[field as keyof Action], to, document, today),
      )
      for (const each of [...words, ...partsChangeWords(ofParts, standing, today)])
        told.set(each, (told.get(each) ?? 0) + 1)
    }
    const lines = [...told].map(([words, times]) => (times > 1 ? `${words} (${times})` : words))
    const rest = lines.length - toldAtMost
    return {
      changes: rest > 0 ? [...lines.slice(0, toldAtMost), `and ${rest} more`] : lines,
      unread: said[0]?.unread ?? [],
      questions: said[0]?.questions ?? [],
    }
  }
  const together = count(actions.length, 'action')
  const edit = (editOf: (action: Action) => Edit) =>
    act(
      'editActions',
      { edits: actions.map((action) => ({ id: action.id, ...editOf(action) })) },
      { say: `Changed: ${together}` },
    ).ok
  const shared = sharedOf(actions)
  const all = actions.map(({ id }): Id<'action'> => id)
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
      main={
        <Button
          kind="main"
          label="Tick them"
          flexShrink={0}
          onPress={() => leaveAfter(act('tickActions', { ids: all }, { say: `Ticked: ${together}` }))}
        />
      }
    >
      <Row className="swipes" role="group" aria-label="What can be set">
        {settable.map((field) => (
          <Button
            key={field}
            kind="quiet"
            flexShrink={0}
            label={field === 'day' ? 'Move' : (offerWords[field] ?? chooserWords[field].toLowerCase())}
            aria-haspopup="dialog"
            onPress={() => chooser.choose(field)}
          />
        ))}
      </Row>
      <SayWhatChanges
        placeholder="Say what changes in all of them"
        read={read}
        onSay={(text) =>
          edit((action) => {
            const { patch, parts: ofParts } = amended(text, action)
            return { patch, parts: ofParts }
          })
        }
      />
      <OpenedChooser
        chooser={chooser}
        of={shared}
        onSet={(patch) => {
          const field = chooser.opened?.field
          if (field) edit((action) => ({ patch: patchFor(action, field, patch, shared, today) }))
        }}
      />
    </ChosenPane>
  )
}
