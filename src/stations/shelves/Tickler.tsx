// The tickler: what is hidden until a day, by month and day for the next twelve months. Carried to another day or
// month it waits for that; by keys a day or a week at a time.
import { useOfSide } from '@/held/side'
import { isHidden } from '@/core/action'
import { ticklerMonths, type TicklerMonth } from '@/core/day'
import { recordIn } from '@/core/journal'
import { addDays, type CalendarDate } from '@/core/time'
import type { Action, Id } from '@/core/record'
import { lists } from '@/state'
import { Carrying, type Laying } from '@/parts/carrying/Carrying'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { ActionRow } from '@/parts/rows/ActionRow'
import { findRow } from '@/parts/rows/findRow'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'
import { BandHeading, Column, EmptyPlace, Unseen, Words } from '@/ui'
import { count, longDate, shortDate, shortened } from '@/words'
import { monthShort, monthWords } from '@/words/dates'
import { NewHeld } from './NewHeld'

export function Tickler() {
  const today = useToday()
  const act = useAct()
  const { store } = useZen()
  const ofSide = useOfSide()
  const hidden = ofSide(useHeld((state) => lists.notBeforeOf(state.document))).filter((action) =>
    isHidden(action, today),
  )
  const months = ticklerMonths(hidden, today)
  const put = (action: Action, date: CalendarDate) => {
    if (date === action.notBefore) return
    const notBefore = date <= today ? addDays(today, 1) : date
    act(
      'editAction',
      { id: action.id, patch: { notBefore } },
      { say: `Not before ${shortDate(notBefore, today)}: ${shortened(action.title)}` },
    )
    setTimeout(() => findRow(action.id), 60)
  }
  const held = (id: Id<'action'>) => recordIn(store.api.getState().document, id)
  const lay: Laying = {
    into: (id, place) => {
      const action = held(id)
      if (action && place.kind === 'day') put(action, place.date)
    },
    by: (id, days) => {
      const action = held(id)
      if (action?.notBefore) put(action, addDays(action.notBefore, days))
    },
    across: (id, weeks) => {
      const action = held(id)
      if (action?.notBefore) put(action, addDays(action.notBefore, weeks * 7))
    },
  }
  return (
    <Carrying lay={lay}>
      <MonthStrip months={months} />
      {hidden.length === 0 ? <EmptyPlace says="Nothing is hidden until a later day." /> : null}
      {months
        .filter((month) => month.count > 0)
        .map((month) => (
          <Column key={month.first} render="section" aria-label={monthWords(month.first)}>
            <BandHeading title={monthWords(month.first)} end={String(month.count)} tone="plum" />
            {month.days.map(({ date, actions }) => (
              <DropPlace key={date} place={{ kind: 'day', date }}>
                <Words size="second" tone="inkSoft" render="h3" paddingTop="$2">
                  {longDate(date)}
                </Words>
                <ul aria-label={longDate(date)}>
                  {actions.map((action) => (
                    <ActionRow key={action.id} action={action} showProject />
                  ))}
                </ul>
              </DropPlace>
            ))}
          </Column>
        ))}
      <NewHeld as="tickler" />
    </Carrying>
  )
}

/**
 * Each month with how much waits for it: touched it is brought into sight, and what is laid on it waits for its first
 * day.
 */
function MonthStrip({ months }: { readonly months: readonly TicklerMonth[] }) {
  const today = useToday()
  return (
    <nav className="month-strip" aria-label="The months ahead">
      {months.map(({ first, days, count: held }) => (
        <DropPlace
          key={first}
          place={{ kind: 'day', date: first <= today ? addDays(today, 1) : first }}
          className="month-cell"
        >
          <button
            type="button"
            disabled={held === 0}
            onClick={() => {
              const [next] = days[0]?.actions ?? []
              if (next) findRow(next.id)
            }}
          >
            <span>{monthShort(first)}</span>
            <span className={held > 0 ? 'month-count' : 'month-count none'} aria-hidden>
              {held > 0 ? held : '·'}
            </span>
            <Unseen>{`, ${held > 0 ? count(held, 'action') : 'nothing'}`}</Unseen>
          </button>
        </DropPlace>
      ))}
    </nav>
  )
}
