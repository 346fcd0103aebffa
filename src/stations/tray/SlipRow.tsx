// One slip on the pile: its words, when it was set down and what was understood. It is edited where it lies.
import { memo, useState, type KeyboardEvent } from 'react'
import { useRouter } from 'expo-router'
import { View } from '@tamagui/core'
import type { Slip } from '@/core/record'
import { Button, Column, Field, Row, SquareButton } from '@/ui'
import { Understood } from '@/parts/capture/Understood'
import { useMomentOf, useSentence } from '@/parts/capture/useSentence'
import { LayAside } from '@/parts/aside/LayAside'
import { PartsBands } from '@/parts/files/lazyParts'
import { SplitOrJoin, DuplicateBeside } from '@/parts/reshape/Ways'
import { useSurroundings } from '@/parts/rows/surroundings'
import { RowOpen } from '@/parts/rows/RowOpen'
import { useChoosing } from '@/parts/rows/useChoosing'
import { actOfKey, owned } from '@/state'
import { cameWithWords, chipWords, momentWords, shortened } from '@/words'
import { isTyping } from '@/held/keys'
import { useAct, useHeld, useZen } from '@/held/zen'

/** Not drawn again while its slip stays as it is, however many others come. */
export const SlipRow = memo(function SlipRow({ slip }: { slip: Slip }) {
  const [editing, setEditing] = useState(false)
  return editing ? (
    <View render="li" backgroundColor="$slip" borderBottomWidth={1} borderColor="$rule">
      <SlipEditor slip={slip} onDone={() => setEditing(false)} />
    </View>
  ) : (
    <SlipFace slip={slip} onEdit={() => setEditing(true)} />
  )
})

function SlipFace({ slip, onEdit }: { slip: Slip; onEdit: () => void }) {
  const { today, act, keymap } = useSurroundings()
  const { clock } = useZen()
  const router = useRouter()
  const { id } = slip
  const steps = useHeld((state) => owned.stepsOf(state.document, id).length)
  const files = useHeld((state) => owned.filesOf(state.document, id).length)
  const isAside = useHeld((state) => owned.asideOf(state.document, id) !== undefined)
  const { title, clauses } = useSentence(slip.text, slip.takenOff, useMomentOf(slip))
  const choosing = useChoosing(id, onEdit)
  const details = [
    momentWords(slip.setDownAtEpochMs, clock.zone(), today),
    ...clauses.map((clause) => chipWords(clause, today)),
    ...cameWithWords({ note: slip.note, steps, files, isAside }),
  ].join(' · ')
  const onKeyDown = (event: KeyboardEvent) => {
    if (isTyping(event) || choosing.key(event, keymap)) return
    const isOnRow = (event.target as HTMLElement).closest('[data-row]') !== null
    if (actOfKey(keymap, event.key) === 'amend') onEdit()
    else if (event.key === 'Delete' && isOnRow) act('removeSlip', { id })
    else return
    event.preventDefault()
  }
  return (
    <li className={choosing.isTogether ? 'slip-row pile together' : 'slip-row pile'} onKeyDown={onKeyDown}>
      <RowOpen choosing={choosing}>
        <span className="slip-title clamped three">{title}</span>
        <span className="slip-details">{details}</span>
      </RowOpen>
      <SquareButton
        label={`Remove ${shortened(title)}`}
        icon="close"
        onPress={() => act('removeSlip', { id }, { say: `Taken out of the Tray: ${shortened(title)}` })}
      />
      <SquareButton
        label={`Sort ${shortened(title)}`}
        icon="next"
        onPress={() => router.navigate({ pathname: '/sorting', params: { slip: id } })}
      />
    </li>
  )
}

function SlipEditor({ slip, onDone }: { slip: Slip; onDone: () => void }) {
  const act = useAct()
  const [text, setText] = useState(slip.text)
  const [note, setNote] = useState(slip.note)
  const [takenOff, setTakenOff] = useState<readonly string[]>(slip.takenOff)
  const said = useMomentOf(slip)
  const sentence = useSentence(text, takenOff, said)
  const [problem, setProblem] = useState<string | null>(null)
  const keep = () => {
    if (text.trim() === '')
      return setProblem('A slip needs at least one word. Press Escape to leave it as it was.')
    act('editSlip', { id: slip.id, text, note, takenOff }, { say: 'Changed' })
    onDone()
  }
  return (
    <Column gap="$2.5" padding="$3">
      <Field
        label="The slip’s words"
        value={text}
        onChangeText={setText}
        autoFocus
        problem={problem}
        onSubmitEditing={keep}
        onKeyPress={(event) => {
          if (event.nativeEvent.key === 'Escape') onDone()
        }}
      />
      {slip.note === '' ? null : (
        <Field
          label="Note"
          value={note}
          multiline
          rows={4}
          onChangeText={setNote}
          onKeyPress={(event) => {
            if (event.nativeEvent.key === 'Escape') onDone()
          }}
        />
      )}
      <PartsBands of={slip.id} />
      <DuplicateBeside slip={slip} title={sentence.title} />
      <Row gap="$2" flexWrap="wrap">
        <Understood
          text={text}
          sentence={sentence}
          takenOff={takenOff}
          said={said}
          onSaid={(said, off) => {
            setText(said)
            setTakenOff(off)
          }}
        />
        <View flex={1} />
        <LayAside id={slip.id} />
        <SplitOrJoin slip={slip} />
        <Button label="Cancel" kind="quiet" onPress={onDone} />
        <Button label="Save" onPress={keep} />
      </Row>
    </Column>
  )
}
