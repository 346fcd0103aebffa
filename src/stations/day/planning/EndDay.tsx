// The end of the day: what was done against what was planned, what moves on and where to, and one line about it.
import { useState } from 'react'
import { isOpen } from '@/core/action'
import { recordIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import { lists, select } from '@/state'
import { BandHeading, Button, Column, Field, Row, SlideOver, Words } from '@/ui'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { useAct, useZen } from '@/held/zen'
import { count, duration, nearDate } from '@/words'
import { usePlanned } from './usePlanned'

type Where = CalendarDate | 'off' | 'stays'

export function EndDay({ onClose }: { onClose: () => void }) {
  const act = useAct()
  const { clock } = useZen()
  const { document, today, planned } = usePlanned()
  const plan = recordIn(document, select.planIdOf(today))
  const done = lists.doneOf(document, today, today, clock.zone())
  const tomorrow = addDays(today, 1)
  const [line, setLine] = useState(plan?.line ?? '')
  const [problem, setProblem] = useState<string | null>(null)
  const [where, setWhere] = useState<Readonly<Record<string, Where>>>({})
  const [choosing, setChoosing] = useState<Action | null>(null)
  // What was promised for today stays until somebody decides on it.
  const whereOf = ({ id, startedAtEpochMs }: Action): Where =>
    where[id] ?? (startedAtEpochMs === null ? tomorrow : 'stays')
  const moves = planned.flatMap((action) => {
    const to = whereOf(action)
    return to === 'stays' ? [] : [{ id: action.id, to: to === 'off' ? null : to }]
  })
  const end = () => {
    if (line.length > 2000) return setProblem('A line of at most 2,000 characters.')
    const outcome = act(
      'endDay',
      { date: today, line, moves },
      { say: `The day is ended: ${count(done.length, 'action')} done` },
    )
    if (outcome.ok) onClose()
  }
  return (
    <SlideOver title="End the day" onClose={onClose} full>
      <Words>
        {count(done.length, 'action')} done
        {minutesSaid(done)}
        {plan?.plannedAtEpochMs
          ? `, ${plannedDone(plan.planned, done)} of ${Object.keys(plan.planned).length} that were planned`
          : ''}
        .
      </Words>
      <Column>
        {done.length > 0 ? <DoneList done={done} planned={plan?.planned ?? {}} /> : null}
        {planned.length > 0 ? (
          <>
            <BandHeading title="What is left" end={String(planned.length)} />
            <Column render="ul" aria-label="What is left">
              {planned.map((action) => (
                <LeftRow
                  key={action.id}
                  action={action}
                  today={today}
                  where={whereOf(action)}
                  onWhere={(to) => setWhere({ ...where, [action.id]: to })}
                  onChoose={() => setChoosing(action)}
                />
              ))}
            </Column>
          </>
        ) : null}
      </Column>
      <Field
        label="One line about this day"
        shown
        value={line}
        maxLength={2000}
        problem={problem}
        onChangeText={setLine}
        onSubmitEditing={end}
      />
      <Row gap="$2" marginTop="auto">
        <Button label="Not yet" onPress={onClose} />
        <Button kind="main" flex={1} label="End the day so" onPress={end} />
      </Row>
      {choosing ? (
        <OpenedDayChooser
          title="On which day"
          date={choosing.at?.date ?? choosing.day}
          onChoose={(date) => {
            if (date) setWhere({ ...where, [choosing.id]: date })
          }}
          onClose={() => setChoosing(null)}
        />
      ) : null}
    </SlideOver>
  )
}

const minutesSaid = (done: readonly Action[]): string => {
  const minutes = done.reduce((sum, action) => sum + (action.minutes ?? 0), 0)
  return minutes > 0 ? `, ${duration(minutes)} in all` : ''
}
const plannedDone = (planned: object, done: readonly Action[]): number =>
  done.filter(({ id }) => id in planned).length

function DoneList({
  done,
  planned,
}: {
  done: readonly Action[]
  planned: Readonly<Record<string, unknown>>
}) {
  return (
    <>
      <BandHeading title="Done" end={String(done.length)} tone="moss" />
      <Column render="ul" aria-label="Done today">
        {done.map(({ id, title }) => (
          <Row key={id} render="li" justifyContent="space-between" gap="$3" minHeight={40}>
            <Words flex={1} minWidth={0}>
              {title}
            </Words>
            <Words size="second" tone="inkSoft">
              {id in planned ? 'as planned' : 'besides'}
            </Words>
          </Row>
        ))}
      </Column>
    </>
  )
}

function LeftRow({
  action,
  today,
  where,
  onWhere,
  onChoose,
}: {
  readonly action: Action
  readonly today: CalendarDate
  readonly where: Where
  readonly onWhere: (where: Where) => void
  readonly onChoose: () => void
}) {
  const tomorrow = addDays(today, 1)
  const is = (to: Where) => where === to
  const isElsewhere = !['off', 'stays'].includes(where) && where !== tomorrow
  if (!isOpen(action)) return null
  const choice = (label: string, to: Where) => (
    <Button
      kind="quiet"
      label={label}
      chosen={is(to)}
      aria-label={`${action.title}: ${label}`}
      aria-pressed={is(to)}
      onPress={() => onWhere(to)}
    />
  )
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" paddingVertical="$1.5">
      <Words weight={action.weight}>{action.title}</Words>
      <Row gap="$1" flexWrap="wrap" marginLeft="$-2">
        {choice('tomorrow', tomorrow)}
        <Button
          kind="quiet"
          label={isElsewhere ? nearDate(where as CalendarDate, today) : 'another day'}
          chosen={isElsewhere}
          aria-label={`${action.title}: another day`}
          aria-haspopup="dialog"
          onPress={onChoose}
        />
        {choice('off its day', 'off')}
        {choice('stays as it is', 'stays')}
      </Row>
    </Column>
  )
}
