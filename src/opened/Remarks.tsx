// Remarks, one after another with their day: what was said in a call, seen on a visit.
import { useState } from 'react'
import { noteLimit, type OwnerId, type Remark } from '@/core/record'
import { owned } from '@/state'
import { useAct, useHeld, useToday } from '@/held/zen'
import { AnotherLine } from '@/parts/text/AnotherLine'
import { EditText } from '@/parts/text/EditText'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { BandHeading, Button, Column, IconButton, Row } from '@/ui'
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

export function OneRemark({ remark: { id, text, date } }: { remark: Remark }) {
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

export function AnotherRemark({ of, asked }: { of: OwnerId; asked: number }) {
  const act = useAct()
  return (
    <AnotherLine
      name={remarkKey(of)}
      label="Another remark"
      placeholder="Another remark: a call, a meeting"
      maxLength={noteLimit}
      asked={asked}
      multiline
      onKeep={(text) => act('addRemark', { ownerId: of, text }, { say: false }).ok}
    />
  )
}
