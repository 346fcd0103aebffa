// A lens as a list of days: what is carried over, today and the week to come, every later day that holds something,
// and what has no day. A row carried to a day is laid on it. What is done stands before them, on the day it was done.
import { useMemo, useState } from 'react'
import { recordIn } from '@/core/journal'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { useLoads } from '@/held/useLoads'
import type { Laying } from '@/parts/carrying/Carrying'
import { Carrying, DropPlace, InPlace, useFindRow } from '../shown/carry'
import type { Place } from '@/parts/carrying/place'
import { ChooseAll } from '@/parts/rows/ChooseAll'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { lineForEach, linesOfPieces, oneLine } from '@/parts/rows/lines'
import { LinesList, usualRowHeight } from '@/parts/rows/RowList'
import { desk } from '@/held/desk'
import { useAct, useZen } from '@/held/zen'
import { BandHeading, Button, Row } from '@/ui'
import { duration, nearDate, shortened } from '@/words'
import { notByHandWords } from '@/words/lens'
import { dayTitle } from './dayTitle'
import { LensRow } from '../shown/LensRow'
import type { LensList, LensShown } from '../shown/lensProps'
import { everythingIn } from '../shown/linesOf'
import { useLensLaying, type LensPlace } from '../shown/useLensLaying'
import { useRemembered } from '../shown/useRemembered'

type Days = ReturnType<LensShown['lenses']['byDays']>
type DayList = Days['days'][number]
type Line =
  | { readonly id: string; readonly kind: 'day'; readonly of: DayList; readonly isDone: boolean }
  | {
      readonly id: string
      readonly kind: 'row'
      readonly action: DayList['actions'][number]
      readonly in: string
    }

const ahead = 7
/** In px. */
const headHeight = 48
const placeOf = ({ date }: DayList): string =>
  date === null || date === 'past' ? `in ${date}` : `day ${date}`

const latest = new WeakMap<LensList, { readonly day: LensShown['day']; readonly days: Days }>()

/** Made once for as long as a list and the day stand. */
function daysOf(list: LensList, lenses: LensShown['lenses'], day: LensShown['day']): Days {
  const known = latest.get(list)
  if (known?.day.today === day.today && known.day.zone === day.zone) return known.days
  const dayAt = (epochMs: number) => localMomentAt(epochMs, day.zone).date
  const days = lenses.byDays(everythingIn(list), { today: day.today, ahead, dayAt })
  latest.set(list, { day, days })
  return days
}

export function LensDays(shown: LensShown) {
  const { id, list, lenses, day } = shown
  const box = useBandBox(() => everythingIn(list))
  const { done, days } = daysOf(list, lenses, day)
  const [isDoneShown, setDoneShown] = useState(false)
  const lines = useMemo(() => {
    const piecesOf = (of: DayList, isDone: boolean) => {
      const place = placeOf(of)
      return [
        oneLine<Line>({ id: `${isDone ? 'done ' : ''}${place}`, kind: 'day', of, isDone }, headHeight),
        lineForEach(of.actions, usualRowHeight, (action): Line => ({
          id: action.id,
          kind: 'row',
          action,
          in: isDone ? 'done' : place,
        })),
      ]
    }
    return linesOfPieces([
      ...(isDoneShown ? [...done].reverse().flatMap((of) => piecesOf(of, true)) : []),
      ...days.flatMap((of) => piecesOf(of, false)),
    ])
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
        <LinesList
          lines={lines}
          label="Day by day"
          draw={(line) =>
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
  const loadOn = useLoads()
  const { date, actions, minutes } = of
  const title = dayTitle(date, isDone, today)
  const isPlanned = date !== null && date !== 'past' && !isDone
  const over = isPlanned ? loadOn(date).overMinutes : 0
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
function useDayLaying(
  shown: LensShown,
  days: readonly DayList[],
): Pick<ReturnType<typeof useLensLaying>, 'lay' | 'asked'> {
  const act = useAct()
  const findRow = useFindRow()
  const { store } = useZen()
  const places = useMemo(
    (): LensPlace[] => days.map((of) => ({ in: placeOf(of), band: null, under: [], actions: of.actions })),
    [days],
  )
  const { lay, asked, standsIn } = useLensLaying(shown, places)
  const refuse = (words: string) => desk.getState().tell(words, { problem: true })
  const into: Laying['into'] = (id, place: Place, row) => {
    if (place.kind === 'hour') return
    const action = recordIn(store.api.getState().document, id)
    const target = place.kind === 'day' ? `day ${place.date}` : place.in
    if (!action) return
    const from = standsIn(action)
    if (from?.in === target)
      return lay.into(id, place.kind === 'day' ? { kind: 'in', in: target } : place, row)
    if (target === 'in past') return refuse(notByHandWords.past)
    if (target === 'done') return refuse('What is done stays on the day you finished it.')
    const date = target === 'in null' ? null : (target.slice(4) as CalendarDate)
    if (date === null && action.due && !action.day && !action.at) return refuse(notByHandWords.follows)
    const called = shortened(action.title)
    act(
      'moveTo',
      { id, day: date },
      { say: date ? `To ${nearDate(date, shown.day.today)}: ${called}` : `No planned day: ${called}` },
    )
  }
  const across: Laying['across'] = (id, step) => {
    const action = recordIn(store.api.getState().document, id)
    const from = action && standsIn(action)
    const target = from && places[places.indexOf(from) + step]
    if (!target) return
    into(id, { kind: 'in', in: target.in }, null)
    findRow(id)
  }
  return { lay: { ...lay, into, across }, asked }
}
