// What *Not before* asks: until when it is to be out of sight.
import { useState } from 'react'
import { addDays, addMonths, weekStartOf, type CalendarDate } from '@/core/time'
import { select, type NewAction } from '@/state'
import { ChoiceRow, Words } from '@/ui'
import { hasSoftKeyboard } from '@/ui/softKeyboard'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { sayableOf } from '@/parts/said/sayableOf'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { nearDate, shortened, type SaidField } from '@/words'
import { SaidPaper } from './SaidPaper'
import { Left, SortingForm, type AskedOf } from './SortingForm'
import { useSaidParts } from './useSaidParts'

const inRows = new Set<SaidField>(['notBefore'])

export function NotBeforeForm({ slip, fields, left, onBack }: AskedOf) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const chooser = useChooser()
  const { weekStartsOn } = select.settingsOf(document)
  const nextWeek = addDays(weekStartOf(today, weekStartsOn), 7)
  const nextMonth = addMonths(`${today.slice(0, 8)}01` as CalendarDate, 1)
  const days: readonly (readonly [CalendarDate, string])[] = [
    [addDays(today, 1), 'tomorrow'],
    [nextWeek, 'next week'],
    [addDays(nextWeek, 7), 'the week after'],
    [nextMonth, 'next month'],
    [addMonths(nextMonth, 2), 'in three months'],
  ]
  const [patch, setPatch] = useState<Partial<NewAction>>({})
  // A day that was said is the day it comes back on: so the sentence is taken at its word.
  const said = fields.notBefore ?? null
  const chosen: NewAction = { ...fields, ...patch }
  const notBefore = patch.notBefore ?? said ?? nextWeek
  const of = { ...sayableOf(chosen, today), notBefore }
  const parts = useSaidParts(fields, of)
  const isEmpty = chosen.title.trim() === ''
  const keep = () =>
    act(
      'sortAsNotBefore',
      { slipId: slip.id, left, fields: { ...chosen, ...parts.said, notBefore } },
      { say: `Not before ${nearDate(notBefore, today)}: ${shortened(chosen.title)}` },
    )
  const isPromisedBefore = of.due !== null && of.due.date < notBefore
  const isOffered = days.some(([day]) => day === notBefore)
  return (
    <>
      <SortingForm label="Not before" keepLabel="Save" canKeep={!isEmpty} onBack={onBack} onKeep={keep}>
        <SaidPaper
          label="Next action"
          title={chosen.title}
          onTitle={(title) => setPatch({ ...patch, title })}
          needed="It needs a title."
          of={of}
          fields={fields}
          inRows={inRows}
          onChoose={chooser.choose}
          parts={parts}
        />
        {left === '' ? null : <Left words={left} />}
        <ChoiceRow
          firstFocus={hasSoftKeyboard()}
          label="Not before"
          options={[
            ...(isOffered ? [] : [{ value: notBefore as string, label: nearDate(notBefore, today) }]),
            ...days.map(([day, label]) => ({ value: day as string, label })),
          ]}
          chosen={[notBefore]}
          onToggle={(day) => setPatch({ ...patch, notBefore: day as CalendarDate })}
          onMore={() => chooser.choose('notBefore')}
        />
        {isPromisedBefore && of.due ? (
          <Words role="status" size="second" tone="clay">
            It is promised for {nearDate(of.due.date, today)}, and would be hidden then.
          </Words>
        ) : null}
      </SortingForm>
      <OpenedChooser
        chooser={chooser}
        of={of}
        onSet={(more) => setPatch((before) => ({ ...before, ...more }) as typeof patch)}
      />
      {parts.layer}
    </>
  )
}
