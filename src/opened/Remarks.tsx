// Remarks, one after another with their day: what was said in a call, seen on a visit.
import { useLayoutEffect, useRef, useState } from 'react'
import type { TextInput } from 'react-native'
import { noteLimit, type OwnerId, type Remark } from '@/core/record'
import { owned } from '@/state'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'
import { EditText } from '@/parts/text/EditText'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { BandHeading, Button, Column, Field, IconButton, Row } from '@/ui'
import { nearDate, shortened } from '@/words'

/** Where the device remembers a remark that is half typed. */
export const remarkKey = (of: OwnerId): string => `another remark of ${of}`

export function Remarks({
  of,
  title = 'Remarks',
  asked = 0,
}: {
  of: OwnerId
  /** How often another was asked for: each time its line takes the focus. */
  asked?: number
  /** Empty where what they stand in is named so. */
  title?: string
}) {
  const remarks = useHeld(({ document }) => owned.remarksOf(document, of))
  return (
    <Column>
      {title === '' ? null : (
        <BandHeading title={title} end={remarks.length > 0 ? String(remarks.length) : undefined} />
      )}
      {remarks.length > 0 ? (
        <Column render="ul" aria-label="Remarks">
          {remarks.map((remark) => (
            <OneRemark key={remark.id} remark={remark} />
          ))}
        </Column>
      ) : null}
      <AnotherRemark of={of} asked={asked} />
    </Column>
  )
}

function OneRemark({ remark: { id, text, date } }: { remark: Remark }) {
  const act = useAct()
  const today = useToday()
  const [isChoosing, setChoosing] = useState(false)
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" paddingBottom="$1">
      <Row justifyContent="space-between">
        <Button
          kind="quiet"
          marginLeft="$-2"
          label={nearDate(date, today)}
          aria-label={`Day of the remark: ${nearDate(date, today)}`}
          aria-haspopup="dialog"
          onPress={() => setChoosing(true)}
        />
        <IconButton
          label={`Remove the remark ${shortened(text)}`}
          icon="close"
          onPress={() => act('removeRemark', { id }, { say: `Remark removed: ${shortened(text)}` })}
        />
      </Row>
      <EditText
        name={`${id} text`}
        label={`Remark of ${nearDate(date, today)}`}
        bare
        rows={2}
        value={text}
        needed="A remark needs at least one word. Press its cross to remove it."
        onKeep={(kept, typing) =>
          act('editRemark', { id, patch: { text: kept } }, { say: false, atField: true, ...typing })
        }
      />
      {isChoosing ? (
        <OpenedDayChooser
          title="Day of the remark"
          date={date}
          past
          onChoose={(chosen) => {
            if (chosen) act('editRemark', { id, patch: { date: chosen } }, { say: false })
          }}
          onClose={() => setChoosing(false)}
        />
      ) : null}
    </Column>
  )
}

/** Enter keeps it and stays; Shift and Enter begin a new line. */
function AnotherRemark({ of, asked }: { of: OwnerId; asked: number }) {
  const act = useAct()
  const { memory } = useZen()
  const key = remarkKey(of)
  const ref = useRef<TextInput>(null)
  useLayoutEffect(() => {
    if (asked > 0) ref.current?.focus()
  }, [asked])
  const [text, setText] = useState(() => memory.typed.read(key) ?? '')
  const change = (next: string) => {
    setText(next)
    memory.typed.write(key, next === '' ? null : next)
  }
  const keep = () => {
    if (text.trim() !== '' && act('addRemark', { ownerId: of, text }, { say: false }).ok) change('')
  }
  return (
    <Field
      ref={ref}
      label="Another remark"
      placeholder="Another remark: a call, a meeting"
      bare
      multiline
      rows={1}
      value={text}
      maxLength={noteLimit}
      onChangeText={change}
      onBlur={keep}
      onKeyPress={(event) => {
        const native = event.nativeEvent as unknown as KeyboardEvent
        if (native.key !== 'Enter' || native.shiftKey) return
        event.preventDefault()
        keep()
      }}
    />
  )
}
