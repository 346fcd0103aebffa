// Closing the day: what was done against what was planned, where what was only planned goes, what is promised with
// choices of its own, and one line about it. No promise moves by itself.
import { useState } from 'react'
import { isOpen, laidOn } from '@/core/action'
import { isPromisedBy, leftAtClose } from '@/core/day/closing'
import { recordIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import { lists, owned, select } from '@/state'
import { BandHeading, Button, Column, Field, Row, SlideOver, Words } from '@/ui'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { useAct, useZen } from '@/held/zen'
import { count, duration, fixedWords, loadLong, nearDate, when } from '@/words'
import { usePlanned } from './usePlanned'

type Where = CalendarDate | 'off' | 'stays'

export function EndDay({ onClose }: { onClose: () => void }) {
  const act = useAct()
  const { clock } = useZen()
  const { document, today, planned, loadOn } = usePlanned()
  const plan = recordIn(document, select.planIdOf(today))
  const done = lists.doneOf(document, today, today, clock.zone())
  const tomorrow = addDays(today, 1)
  const [line, setLine] = useState(plan?.line ?? '')
  const [problem, setProblem] = useState<string | null>(null)
  const [where, setWhere] = useState<Readonly<Record<string, Where>>>({})
  const [choosing, setChoosing] = useState<Action | null>(null)
  const left = leftAtClose(planned, today)
  const whereOf = (action: Action): Where => {
    const isPreset = action.startedAtEpochMs === null && !isPromisedBy(action, today)
    return where[action.id] ?? (isPreset ? tomorrow : 'stays')
  }
  const moves = planned.flatMap((action) => {
    const to = whereOf(action)
    return to === 'stays' ? [] : [{ id: action.id, to: to === 'off' ? null : to }]
  })
  const comes = planned.filter((action) => whereOf(action) === tomorrow)
  const loadTomorrow = loadOn(tomorrow, { come: comes })
  const rows = (actions: readonly Action[], isPromised: boolean) =>
    actions.map((action) => (
      <LeftRow
        key={action.id}
        action={action}
        today={today}
        isPromised={isPromised}
        where={whereOf(action)}
        onWhere={(to) => setWhere({ ...where, [action.id]: to })}
        onChoose={() => setChoosing(action)}
      />
    ))
  const end = () => {
    if (line.length > 2000) return setProblem('Keep it under 2,000 characters, or write it in the day note.')
    const outcome = act(
      'endDay',
      { date: today, line, moves },
      { say: `Day closed: ${count(done.length, 'action')} done` },
    )
    if (outcome.ok) onClose()
  }
  return (
    <SlideOver title="Close the day" onClose={onClose} full>
      <Words>
        {count(done.length, 'action')} done
        {minutesSaid(owned.minutesDoneIn(document, done))}
        {plan?.plannedAtEpochMs
          ? `, ${plannedDone(plan.planned, done)} of ${Object.keys(plan.planned).length} that were planned`
          : ''}
        .
      </Words>
      <Column>
        {done.length > 0 ? <DoneList done={done} planned={plan?.planned ?? {}} /> : null}
        {left.planned.length > 0 ? (
          <>
            <BandHeading title="Planned for today" end={String(left.planned.length)} />
            <Column render="ul" aria-label="Planned for today">
              {rows(left.planned, false)}
            </Column>
          </>
        ) : null}
        {left.promised.length > 0 ? (
          <>
            <BandHeading title="Due or at a fixed time" end={String(left.promised.length)} tone="clay" />
            <Column render="ul" aria-label="Due or at a fixed time">
              {rows(left.promised, true)}
            </Column>
          </>
        ) : null}
        {planned.length > 0 ? (
          <Words role="status" size="second" tone={loadTomorrow.overMinutes > 0 ? 'clay' : 'inkSoft'}>
            Tomorrow: {loadLong(loadTomorrow)}
          </Words>
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
        <Button label="Cancel" onPress={onClose} />
        <Button kind="main" flex={1} label="Save" onPress={end} />
      </Row>
      {choosing ? (
        <OpenedDayChooser
          title="On which day"
          date={laidOn(choosing)}
          onChoose={(date) => {
            if (date) setWhere({ ...where, [choosing.id]: date })
          }}
          onClose={() => setChoosing(null)}
        />
      ) : null}
    </SlideOver>
  )
}

/** "due today, 17:00": what another day would change. */
const promiseWords = ({ due, at }: Action, today: CalendarDate): string =>
  [due ? `due ${when(due, today)}` : null, at ? fixedWords(at, today) : null].filter(Boolean).join(' · ')

const minutesSaid = (minutes: number): string => {
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
              {id in planned ? 'as planned' : 'also done'}
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
  isPromised,
  where,
  onWhere,
  onChoose,
}: {
  readonly action: Action
  readonly today: CalendarDate
  /** Due or fixed: another day changes that. */
  readonly isPromised: boolean
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
      {isPromised ? (
        <Words size="second" tone="inkSoft">
          {promiseWords(action, today)}
        </Words>
      ) : null}
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
        {isPromised ? null : choice('no day', 'off')}
        {choice('leave it', 'stays')}
      </Row>
    </Column>
  )
}
