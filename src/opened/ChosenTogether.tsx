// Several actions chosen together: one sentence, one day, one tick for all of them, and one undo.
import { useEffect } from 'react'
import { recordIn } from '@/core/journal'
import { laidOnDay } from '@/core/action'
import type { Action, Id } from '@/core/record'
import { useReader } from '@/held/reader'
import { select } from '@/state'
import { Button, Column, IconButton, Row, Words } from '@/ui'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { SayWhatChanges, type SaidChanges } from '@/parts/said/SayWhatChanges'
import { desk, useDesk } from '@/held/desk'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { count } from '@/words'
import { fieldChangeWords } from '@/words/history'

/** How many different changes are told; a sentence over fifty actions may make fifty. */
const toldAtMost = 4

export function ChosenTogether() {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const chooser = useChooser()
  const ids = useDesk((state) => state.chosen)
  const reader = useReader()
  const leave = () => desk.getState().chooseNone()
  const actions = ids.flatMap((id) => recordIn(document, id) ?? [])
  const names = select.namesOf(document)
  const { weekStartsOn } = select.settingsOf(document)
  const [first] = actions
  const isNothingLeft = first === undefined
  useEffect(() => {
    // Removed meanwhile, perhaps by another tab: the dock comes back.
    if (isNothingLeft) desk.getState().chooseNone()
  }, [isNothingLeft])
  if (!first) return null
  const editsSaid = (text: string) =>
    actions.map((action) => ({
      action,
      said: reader.amendAction(text, action, { today, weekStartsOn, names }),
    }))
  const read = (text: string): SaidChanges => {
    const said = editsSaid(text)
    const told = new Map<string, number>()
    for (const {
      action,
      said: { patch },
    } of said)
      for (const [field, to] of Object.entries(patch)) {
        const words = fieldChangeWords(field, action[field as keyof Action], to, document, today)
        told.set(words, (told.get(words) ?? 0) + 1)
      }
    const lines = [...told].map(([words, times]) => (times > 1 ? `${words} (${times})` : words))
    const rest = lines.length - toldAtMost
    return {
      changes: rest > 0 ? [...lines.slice(0, toldAtMost), `and ${rest} more`] : lines,
      unread: said[0]?.said.unread ?? [],
      questions: said[0]?.said.questions ?? [],
    }
  }
  const together = count(actions.length, 'action')
  const done = (outcome: { ok: boolean }) => {
    if (outcome.ok) leave()
    return outcome.ok
  }
  const edit = (patchOf: (action: Action) => Partial<Action>) =>
    act(
      'editActions',
      { edits: actions.map((action) => ({ id: action.id, patch: patchOf(action) })) },
      { say: `Changed: ${together}` },
    ).ok
  const all = actions.map(({ id }): Id<'action'> => id)
  return (
    <Column
      role="region"
      aria-label="Chosen together"
      gap="$2"
      padding="$3"
      width="100%"
      maxWidth={900}
      alignSelf="center"
      borderTopWidth={1}
      borderColor="$rule"
    >
      <Row justifyContent="space-between">
        <Words strong>{together} chosen</Words>
        <IconButton label="Choose none" icon="close" onPress={leave} />
      </Row>
      <SayWhatChanges
        placeholder="Say what changes in all of them"
        read={read}
        onSay={(text) =>
          edit((action) => reader.amendAction(text, action, { today, weekStartsOn, names }).patch)
        }
      />
      <Row justifyContent="space-between" gap="$2">
        <Row>
          <Button kind="quiet" label="Move" aria-haspopup="dialog" onPress={() => chooser.choose('day')} />
          <Button
            kind="quiet"
            label="Let go"
            onPress={() => done(act('letGoActions', { ids: all }, { say: `Let go: ${together}` }))}
          />
          <Button
            kind="quiet"
            label="For the review"
            onPress={() => done(act('layAside', { ids: all }, { say: `Laid aside: ${together}` }))}
          />
        </Row>
        <Button
          kind="main"
          label="Tick them"
          onPress={() => done(act('tickActions', { ids: all }, { say: `Ticked: ${together}` }))}
        />
      </Row>
      <OpenedChooser
        chooser={chooser}
        of={first}
        onSet={({ day, at }) => {
          const to = at?.date ?? day ?? null
          if (edit((action) => laidOnDay(action, to))) leave()
        }}
      />
    </Column>
  )
}
