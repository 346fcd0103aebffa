// A lens as a list of days: what is carried over, today and the week to come, every later day that holds something, and what
// has no day. A row carried to a day is laid on it. What is done stands before them, on the day it was done.
import { useMemo, useState } from 'react'
import { loadOf, minutesOf } from '@/core/day'
import { recordIn } from '@/core/journal'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { select } from '@/state'
import type { Laying } from '@/parts/carrying/Carrying'
import { Carrying, DropPlace, InPlace, useFindRow } from '../shown/carry'
import type { Place } from '@/parts/carrying/place'
import { ChooseAll } from '@/parts/rows/ChooseAll'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { RowList } from '@/parts/rows/RowList'
import { desk } from '@/held/desk'
import { useAct, useHeldDocument, useZen } from '@/held/zen'
import { BandHeading, Button, Row } from '@/ui'
import { duration, nearDate, shortened } from '@/words'
import { notByHandWords } from '@/words/lens'
import { dayTitle } from './dayTitle'
import { LensRow } from '../shown/LensRow'
import type { LensShown } from '../shown/lensProps'
import { everythingIn } from '../shown/linesOf'
import { useLensLaying } from '../shown/useLensLaying'
import { useRemembered } from '../shown/useRemembered'

type DayList = ReturnType<LensShown['lenses']['byDays']>['days'][number]
type Line =
  | { readonly id: string; readonly kind: 'day'; readonly of: DayList; readonly isDone: boolean }
  | {
      readonly id: string
      readonly kind: 'row'
      readonly action: DayList['actions'][number]
      readonly in: string
    }

const ahead = 7
const placeOf = ({ date }: DayList): string =>
  date === null || date === 'past' ? `in ${date}` : `day ${date}`

export function LensDays(shown: LensShown) {
  const { id, list, lenses, day } = shown
  const everything = useMemo(() => everythingIn(list), [list])
  const box = useBandBox(everything)
  const { done, days } = useMemo(
    () =>
      lenses.byDays(everything, {
        today: day.today,
        ahead,
        dayAt: (epochMs) => localMomentAt(epochMs, day.zone).date,
      }),
    [everything, lenses, day.today, day.zone],
  )
  const [isDoneShown, setDoneShown] = useState(false)
  const lines = useMemo(() => {
    const linesOf = (of: DayList, isDone: boolean): Line[] => [
      { id: `${isDone ? 'done ' : ''}${placeOf(of)}`, kind: 'day', of, isDone },
      ...of.actions.map((action): Line => ({
        id: action.id,
        kind: 'row',
        action,
        in: isDone ? 'done' : placeOf(of),
      })),
    ]
    return [
      ...(isDoneShown ? [...done].reverse().flatMap((of) => linesOf(of, true)) : []),
      ...days.flatMap((of) => linesOf(of, false)),
    ]
  }, [done, days, isDoneShown])
  const { lay, asked } = useDayLaying(shown, days)
  useRemembered(`${id} byDate`, null)
  const doneCount = done.reduce((sum, { actions }) => sum + actions.length, 0)
  return (
    <InBand.Provider value={box}>
      {doneCount > 0 ? (
        <Row marginLeft="$-2" className="no-print">
          <Button
            kind="quiet"
            label={isDoneShown ? 'Fold what is done' : `See the ${doneCount} done before`}
            aria-expanded={isDoneShown}
            onPress={() => setDoneShown(!isDoneShown)}
          />
        </Row>
      ) : null}
      <Carrying lay={lay}>
        <RowList
          items={lines}
          label="Day by day"
          render={(line) =>
            line.kind === 'day' ? (
              <DayHead of={line.of} isDone={line.isDone} today={day.today} />
            ) : (
              <InPlace name={line.in}>
                <LensRow action={line.action} showDay={false} {...shown} />
              </InPlace>
            )
          }
        />
      </Carrying>
      {asked}
    </InBand.Provider>
  )
}

function DayHead({ of, isDone, today }: { of: DayList; isDone: boolean; today: CalendarDate }) {
  const document = useHeldDocument()
  const { date, actions } = of
  const minutes = minutesOf(actions)
  const title = dayTitle(date, isDone, today)
  const isPlanned = date !== null && date !== 'past' && !isDone
  const over = isPlanned ? loadOf(actions, select.freeMinutesOn(document, date)).overMinutes : 0
  const calm = isDone ? 'moss' : 'inkSoft'
  const end = [
    actions.length > 0 ? String(actions.length) : 'nothing',
    minutes > 0 ? duration(minutes) : null,
    over > 0 ? `${duration(over)} too much` : null,
  ]
  const head = (
    <BandHeading
      title={title}
      end={end.filter(Boolean).join(' · ')}
      tone={date === 'past' || over > 0 ? 'clay' : calm}
    >
      <ChooseAll title={title} of={actions} />
    </BandHeading>
  )
  return (
    <li>
      {isPlanned ? (
        <DropPlace place={{ kind: 'day', date }}>{head}</DropPlace>
      ) : (
        <DropPlace place={{ kind: 'in', in: isDone ? 'done' : placeOf(of) }}>{head}</DropPlace>
      )}
    </li>
  )
}

/** Laid on a day, or off it; among the equals of a day by hand. */
function useDayLaying(shown: LensShown, days: readonly DayList[]): ReturnType<typeof useLensLaying> {
  const act = useAct()
  const findRow = useFindRow()
  const { store } = useZen()
  const places = useMemo(
    () => days.map((of) => ({ in: placeOf(of), band: null, under: [], actions: of.actions })),
    [days],
  )
  const { lay, asked } = useLensLaying(shown, places)
  const refuse = (words: string) => desk.getState().tell(words, { problem: true })
  const into: Laying['into'] = (id, place: Place) => {
    const action = recordIn(store.api.getState().document, id)
    const target = place.kind === 'day' ? `day ${place.date}` : place.in
    const from = places.find(({ actions }) => actions.some((each) => each.id === id))
    if (!action) return
    if (from?.in === target) return lay.into(id, place.kind === 'day' ? { kind: 'in', in: target } : place)
    if (target === 'in past') return refuse(notByHandWords.past)
    if (target === 'done') return refuse('What is done stands on the day it was ticked.')
    const date = target === 'in null' ? null : (target.slice(4) as CalendarDate)
    if (date === null && action.due && !action.day && !action.at) return refuse(notByHandWords.follows)
    const called = shortened(action.title)
    act(
      'moveTo',
      { id, day: date },
      { say: date ? `To ${nearDate(date, shown.day.today)}: ${called}` : `Off its day: ${called}` },
    )
  }
  const across: Laying['across'] = (id, step) => {
    const at = places.findIndex(({ actions }) => actions.some((each) => each.id === id))
    const target = places[at + step]
    if (at < 0 || !target) return
    into(id, { kind: 'in', in: target.in })
    findRow(id)
  }
  return { lay: { ...lay, into, across }, asked }
}
