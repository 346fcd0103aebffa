// A day as it was planned and as it went: what stood in the plan and what became of each, and what was done besides.
import { isOpen, laidOn } from '@/core/action'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { lists, select } from '@/state'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { BandHeading, BoxMark, Column, Press, Row, Words } from '@/ui'
import { duration, nearDate } from '@/words'

export function DayAsItWent({ date }: { date: CalendarDate }) {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const plan = recordIn(document, select.planIdOf(date))
  const planned = Object.entries(plan?.plannedAtEpochMs ? plan.planned : {}) as [
    Id<'action'>,
    { readonly title: string; readonly minutes: number | null },
  ][]
  const done = lists.doneOf(document, date, date, clock.zone())
  const doneIds = new Set(done.map(({ id }) => id))
  const besides = done.filter(({ id }) => !(plan && id in plan.planned))
  const asPlanned = planned.filter(([id]) => doneIds.has(id)).length
  /** What became of one that was planned and not done on its day. */
  const became = (id: Id<'action'>): string => {
    const action = recordIn(document, id)
    if (!action) return 'gone since'
    if (action.doneAtEpochMs)
      return `done ${nearDate(localMomentAt(action.doneAtEpochMs, clock.zone()).date, today)}`
    if (!isOpen(action)) return 'let go'
    const on = laidOn(action)
    return on ? `now ${nearDate(on, today)}` : 'not planned'
  }
  return (
    <Column>
      {planned.length > 0 ? (
        <>
          <BandHeading title="As it was planned" end={`${asPlanned} of ${planned.length} done`} />
          <Column render="ul" aria-label="As it was planned">
            {planned.map(([id, { title, minutes }]) => (
              <Line
                key={id}
                id={id}
                title={title}
                isDone={doneIds.has(id)}
                says={[minutes ? duration(minutes) : null, doneIds.has(id) ? null : became(id)]}
              />
            ))}
          </Column>
        </>
      ) : null}
      {besides.length > 0 ? (
        <>
          <BandHeading
            title={planned.length > 0 ? 'Also done' : 'Done'}
            end={String(besides.length)}
            tone="moss"
          />
          <Column render="ul" aria-label="Also done">
            {besides.map(({ id, title, minutes }) => (
              <Line key={id} id={id} title={title} isDone says={[minutes ? duration(minutes) : null]} />
            ))}
          </Column>
        </>
      ) : null}
    </Column>
  )
}

function Line({
  id,
  title,
  isDone,
  says,
}: {
  readonly id: Id<'action'>
  readonly title: string
  readonly isDone: boolean
  readonly says: readonly (string | null)[]
}) {
  const { open } = useOpened()
  return (
    <Row render="li" borderBottomWidth={1} borderColor="$rule">
      <Press flex={1} minWidth={0} gap="$2.5" paddingVertical="$1.5" onPress={() => open(id)}>
        <BoxMark checked={isDone} />
        <Words flex={1} minWidth={0} tone={isDone ? 'inkSoft' : 'ink'}>
          {title}
        </Words>
        <Words size="second" tone="inkSoft" flexShrink={0} paddingRight="$2.5">
          {[isDone ? null : 'not done', ...says].filter(Boolean).join(' · ')}
        </Words>
      </Press>
    </Row>
  )
}
