// The day at a glance, for the corner of a screen: what is underway, what is fixed next, what is left of today, the
// tape. One can tick and start there; it follows what is done in other tabs, and turns at midnight by itself.
import type { ReactNode } from 'react'
import { Link } from 'expo-router'
import { minutesOf } from '@/core/day'
import type { Action } from '@/core/record'
import { fromMinute, localMomentAt, toMinute } from '@/core/time'
import { Column, Row, Sheet, SquareButton, Tick, Words } from '@/ui'
import { LoadGauge } from '@/parts/load/LoadGauge'
import { useAsked, useDayTape } from '@/held/useLoads'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'
import { count, duration, headDate, shortDate } from '@/words'
import { useDayBands } from '../useDayBands'

const few = 6

export function Glance() {
  const isReady = useHeld(({ phase }) => phase === 'ready')
  return (
    <Column render="main" flexGrow={1} backgroundColor="$desk">
      <Column padding="$3" gap="$3" maxWidth={460} width="100%" alignSelf="center">
        {isReady ? <Seen /> : null}
      </Column>
    </Column>
  )
}

function Seen() {
  const day = useDayBands()
  const today = useToday()
  const { minute } = useAsked().now
  const { carriedOver, dueToday, underway, picked } = day.bands.planned(day.document)
  const planned = [...carriedOver, ...dueToday, ...underway, ...picked]
  const gauge = useDayTape(today)
  const next = nextFixed(planned, today, minute)
  const left = planned.filter((action) => action !== next && !underway.includes(action))
  return (
    <>
      <Row justifyContent="space-between" alignItems="baseline" gap="$3">
        <Words render="h1" size="title">
          {headDate(today)}
        </Words>
        <Link href="/day">
          <Words tone="brass">Open the day</Words>
        </Link>
      </Row>
      <Sheet padding="$3.5" gap="$3">
        <Told name="Underway" none="Nothing is underway." actions={underway} isStarted>
          {(action) => <Since action={action} />}
        </Told>
        {next?.at?.time ? (
          <Told name="Fixed next" none="" actions={[next]}>
            {() => `${next.at?.time}, ${inWords(toMinute(next.at?.time as never) - minute)}`}
          </Told>
        ) : null}
        <Told
          name={`Left of today: ${count(left.length, 'action')}${sumOf(left)}`}
          none={planned.length === 0 ? 'Nothing planned today.' : 'Nothing else is left of today.'}
          actions={left.slice(0, few)}
        >
          {({ minutes }) => (minutes ? duration(minutes) : '')}
        </Told>
        {left.length > few ? (
          <Words size="second" tone="inkSoft">
            and {left.length - few} more
          </Words>
        ) : null}
      </Sheet>
      <Sheet paddingHorizontal="$3.5" paddingVertical="$2">
        <LoadGauge {...gauge} />
      </Sheet>
    </>
  )
}

const sumOf = (actions: readonly Action[]): string => {
  const minutes = minutesOf(actions)
  return minutes > 0 ? `, ${duration(minutes)}` : ''
}

/** The next that has a time today and has not begun yet. */
const nextFixed = (actions: readonly Action[], today: string, minute: number): Action | undefined =>
  actions
    .filter(({ at }) => at?.date === today && at.time !== null && toMinute(at.time) >= minute)
    .sort((a, b) => ((a.at?.time ?? '') < (b.at?.time ?? '') ? -1 : 1))[0]

const inWords = (minutes: number): string => (minutes <= 0 ? 'now' : `in ${duration(minutes)}`)

function Since({ action }: { action: Action }) {
  const { clock } = useZen()
  const today = useToday()
  const { date, minute } = localMomentAt(action.startedAtEpochMs ?? 0, clock.zone())
  // Short, so that the title keeps its room: the time of today, else the day.
  return <>{`since ${date === today ? fromMinute(minute) : shortDate(date, today)}`}</>
}

function Told({
  name,
  none,
  actions,
  isStarted = false,
  children,
}: {
  readonly name: string
  readonly none: string
  readonly actions: readonly Action[]
  /** Underway already: no button starts it again. */
  readonly isStarted?: boolean
  readonly children: (action: Action) => ReactNode
}) {
  const act = useAct()
  return (
    <Column render="section" aria-label={name} gap="$1">
      <Words render="h2" size="caps" tone="inkSoft">
        {name}
      </Words>
      {actions.length === 0 ? <Words tone="inkSoft">{none}</Words> : null}
      <Column render="ul">
        {actions.map((action) => (
          <Row key={action.id} render="li" gap="$3" justifyContent="space-between">
            <Words weight={action.weight} flex={1} minWidth={0} paddingVertical="$2">
              {action.title}
            </Words>
            <Words size="second" tone="inkSoft" flexShrink={0}>
              {children(action)}
            </Words>
            {isStarted ? null : (
              <SquareButton
                label={`Start ${action.title}`}
                words="start"
                onPress={() => act('start', { id: action.id })}
              />
            )}
            <Tick name={action.title} checked={false} onToggle={() => act('tick', { id: action.id })} />
          </Row>
        ))}
      </Column>
    </Column>
  )
}
