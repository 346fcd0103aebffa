// A bad day: what is carried over and due goes to chosen days that have room. It is shown before it is done, and one
// undo takes it back.
import { useState } from 'react'
import { spreadOver } from '@/core/day/spread'
import type { Action, Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import { select } from '@/state'
import { Button, Choice, Column, EmptyPlace, Row, SlideOver, Words } from '@/ui'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { useAct } from '@/held/zen'
import { count, duration, loadLong, nearDate, weekdayShort } from '@/words'
import { usePlanned } from './usePlanned'

/** So many are shown at first, and more of them when asked for. */
const fewer = 25
const ahead = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10]

/** What is to move, onto which days, and where each of it goes. */
function useSpread() {
  const { bands, today, document, roomOn } = usePlanned()
  // What is fixed on the clock is an appointment: it is not moved by the way.
  const all = [...bands.carriedOver, ...bands.dueToday].filter(({ at }) => at?.date !== today)
  const [staying, setStaying] = useState<readonly string[]>([])
  const [days, setDays] = useState<readonly CalendarDate[]>(() =>
    ahead
      .map((away) => addDays(today, away))
      .filter((day) => select.availableMinutesOn(document, day) > 0)
      .slice(0, 5),
  )
  const [chosen, setChosen] = useState<Readonly<Record<string, CalendarDate>>>({})
  const going = all.filter(({ id }) => !staying.includes(id))
  const spread = spreadOver(
    going.filter(({ id }) => !chosen[id]),
    days,
    roomOn,
  )
  const spreadTo = new Map(spread.map((place) => [place.id, place]))
  const placeOf = (id: Id<'action'>) => {
    if (staying.includes(id)) return null
    const own = chosen[id]
    return own ? { to: own, fits: true } : (spreadTo.get(id) ?? null)
  }
  return {
    ...{ all, today, days, placeOf, roomOn },
    moves: going.flatMap(({ id }) => {
      const place = placeOf(id)
      return place ? [{ id, to: place.to }] : []
    }),
    /** How many find no room. */
    tight: spread.filter(({ fits }) => !fits).length,
    toggleDay: (day: CalendarDate) =>
      setDays(days.includes(day) ? days.filter((other) => other !== day) : [...days, day].sort()),
    choose: (id: Id<'action'>, day: CalendarDate) => setChosen({ ...chosen, [id]: day }),
    stay: (id: Id<'action'>, stays: boolean) =>
      setStaying(stays ? [...staying, id] : staying.filter((other) => other !== id)),
  }
}

/** Says how many move, and whether they fit. */
function fitWords(moving: number, all: number, tight: number, days: number): string {
  if (days === 0) return 'Choose at least one day.'
  const fit =
    tight > 0 ? `${count(tight, 'action')} ${tight === 1 ? 'does' : 'do'} not fit there.` : 'All of them fit.'
  return `${moving} of ${count(all, 'action')} move. ${fit}`
}

export function SpreadDay({ onClose }: { onClose: () => void }) {
  const act = useAct()
  const spread = useSpread()
  const { all, today, days, placeOf, roomOn, moves, tight } = spread
  const [choosing, setChoosing] = useState<Action | null>(null)
  const [seen, setSeen] = useState(fewer)
  return (
    <SlideOver title="Spread out" onClose={onClose} full>
      {all.length === 0 ? (
        <EmptyPlace says="Nothing is carried over or due today." />
      ) : (
        <>
          <Words size="caps" tone="inkSoft" render="h3">
            Onto these days
          </Words>
          <Choice
            many
            shown={false}
            label="Onto these days"
            options={ahead.map((away) => {
              const day = addDays(today, away)
              return {
                value: day,
                label: weekdayShort(day),
                hint: `${duration(Math.max(0, roomOn(day)))} left`,
              }
            })}
            chosen={days}
            onToggle={spread.toggleDay}
          />
          <Words role="status" tone={tight > 0 ? 'clay' : 'inkSoft'}>
            {fitWords(moves.length, all.length, tight, days.length)}
          </Words>
          <Column render="ul" aria-label="What goes where">
            {all.slice(0, seen).map((action) => (
              <SpreadRow
                key={action.id}
                action={action}
                today={today}
                place={placeOf(action.id)}
                onDay={() => setChoosing(action)}
                onStay={(stays) => spread.stay(action.id, stays)}
              />
            ))}
          </Column>
          {all.length > seen ? (
            <Button
              kind="quiet"
              alignSelf="flex-start"
              label={`See ${Math.min(fewer, all.length - seen)} more of ${all.length}`}
              onPress={() => setSeen(seen + fewer)}
            />
          ) : null}
          <Loads days={days} moves={moves} all={all} />
          <Row
            gap="$2"
            position={'sticky' as 'absolute'}
            bottom={0}
            paddingVertical="$2.5"
            backgroundColor="$paper"
            borderTopWidth={1}
            borderColor="$rule"
            marginTop="auto"
          >
            <Button label="Cancel" onPress={onClose} />
            <Button
              kind="main"
              flex={1}
              label="Save"
              disabled={moves.length === 0}
              onPress={() => {
                if (act('spreadDay', { moves }, { say: `${count(moves.length, 'action')} moved` }).ok)
                  onClose()
              }}
            />
          </Row>
        </>
      )}
      {choosing ? (
        <OpenedDayChooser
          title="On which day"
          date={placeOf(choosing.id)?.to ?? null}
          onChoose={(date) => {
            if (date) spread.choose(choosing.id, date)
          }}
          onClose={() => setChoosing(null)}
        />
      ) : null}
    </SlideOver>
  )
}

function SpreadRow({
  action: { title, minutes, weight, due },
  today,
  place,
  onDay,
  onStay,
}: {
  readonly action: Action
  readonly today: CalendarDate
  /** Null where it stays. */
  readonly place: { readonly to: CalendarDate; readonly fits: boolean } | null
  readonly onDay: () => void
  readonly onStay: (stays: boolean) => void
}) {
  return (
    <Row
      render="li"
      gap="$2"
      minHeight={56}
      borderBottomWidth={1}
      borderColor="$rule"
      backgroundColor="$slip"
      paddingLeft="$3"
    >
      <Column flex={1} minWidth={0}>
        <Words weight={weight}>{title}</Words>
        <Words size="second" tone={place && !place.fits ? 'clay' : 'inkSoft'}>
          {[
            minutes ? duration(minutes) : 'no minutes',
            due && place && due.date < place.to ? 'its due date moves too' : null,
            place && !place.fits ? 'no room left there' : null,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Words>
      </Column>
      {place ? (
        <Button
          kind="quiet"
          label={nearDate(place.to, today)}
          aria-label={`${title}: ${nearDate(place.to, today)}, another day`}
          aria-haspopup="dialog"
          onPress={onDay}
        />
      ) : null}
      <Button
        kind="quiet"
        label={place ? 'stays' : 'goes'}
        aria-label={place ? `${title} stays today` : `${title} goes after all`}
        onPress={() => onStay(place !== null)}
      />
    </Row>
  )
}

/** What each of the days would then hold. */
function Loads({
  days,
  moves,
  all,
}: {
  readonly days: readonly CalendarDate[]
  readonly moves: readonly { readonly id: Id<'action'>; readonly to: CalendarDate }[]
  readonly all: readonly Action[]
}) {
  const { loadOn } = usePlanned()
  const goesTo = new Map(moves.map(({ id, to }) => [id, to]))
  return (
    <Column render="ul" aria-label="The days then" gap="$1">
      {[...new Set([...days, ...moves.map(({ to }) => to)])].sort().map((day) => {
        const come = all.filter(({ id }) => goesTo.get(id) === day)
        const load = loadOn(day, { come })
        return (
          <Words key={day} render="li" size="second" tone={load.overMinutes > 0 ? 'clay' : 'inkSoft'}>
            {weekdayShort(day)} then: {loadLong(load)}
          </Words>
        )
      })}
    </Column>
  )
}
