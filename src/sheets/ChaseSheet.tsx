// Asking after what is with somebody else: what was said, and when to ask again.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { Button, Column, Field, Row, SlideOver, Words } from '@/ui'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { desk } from '@/held/desk'
import { shortened, shortDate, waitingWords } from '@/words'
import { awaitedName } from '@/words/action'
import { firstNameOf } from '@/words/people'

const usualDays = [1, 3, 7, 14] as const

export function ChaseSheet({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const action = useHeld((state) => recordIn(state.document, id))
  const [said, setSaid] = useState('')
  const [next, setNext] = useState<CalendarDate | null>(addDays(today, 7))
  const [isChoosing, setChoosing] = useState(false)
  if (!action?.waiting) return null
  const days = usualDays.map((ahead) => addDays(today, ahead))
  const isOther = next !== null && !days.includes(next)
  const title = shortened(action.title)
  const { personId, since } = action.waiting
  const name = awaitedName(action, document)
  const keep = () => {
    const told = next ? `Chased, again ${shortDate(next, today)}: ${title}` : `Chased: ${title}`
    if (act('chase', { id, said, next }, { say: told }).ok) onClose()
  }
  return (
    <SlideOver title={title} onClose={onClose}>
      <Words size="second" tone="slate">
        {waitingWords(action, document, today)}
      </Words>
      <Field
        label="What was said"
        placeholder="What was said (a remark is kept)"
        autoFocus
        value={said}
        onChangeText={setSaid}
        onSubmitEditing={keep}
      />
      <Column gap="$1">
        <Words size="second" tone="inkSoft">
          Chase again
        </Words>
        <Row gap="$2" flexWrap="wrap" role="group" aria-label="Chase again">
          {days.map((day) => (
            <Button
              key={day}
              label={shortDate(day, today)}
              chosen={next === day}
              paddingHorizontal="$3"
              onPress={() => setNext(day)}
            />
          ))}
          <Button
            label={isOther ? shortDate(next, today) : 'another day…'}
            chosen={isOther}
            paddingHorizontal="$3"
            aria-haspopup="dialog"
            onPress={() => setChoosing(true)}
          />
          <Button
            label="don’t chase again"
            chosen={next === null}
            paddingHorizontal="$3"
            onPress={() => setNext(null)}
          />
        </Row>
      </Column>
      <Row justifyContent="flex-end" gap="$2" flexWrap="wrap">
        <Button
          kind="quiet"
          label={`Write to ${firstNameOf(name)}`}
          aria-haspopup="dialog"
          onPress={() =>
            desk.getState().openSheet({
              kind: 'sendText',
              personId,
              name,
              ids: [id],
              about: since === today ? 'handOver' : 'chase',
            })
          }
        />
        <Button
          kind="quiet"
          label="It has come: do it myself"
          onPress={() => {
            if (act('setWaiting', { id, waiting: null }, { say: `Back to you: ${title}` }).ok) onClose()
          }}
        />
        <Button kind="main" label="Save" onPress={keep} />
      </Row>
      {isChoosing ? (
        <OpenedDayChooser
          title="Chase again"
          date={next}
          onChoose={(day) => setNext(day)}
          onClose={() => setChoosing(false)}
        />
      ) : null}
    </SlideOver>
  )
}
