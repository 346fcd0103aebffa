// What was done, and how it lies over the areas: the last week beside the next, or the time that is over.
import type { Area } from '@/core/record'
import { addDays } from '@/core/time'
import { lastSevenDays, outcomesOf } from '@/core/review'
import { doneIn, minutesByArea } from '@/state/read/howItWent'
import { plannedOn } from '@/state/read/dayLoad'
import { select } from '@/state'
import { useOfSide } from '@/held/side'
import { useHeldDocument } from '@/held/zen'
import { Column, Row, Seal, Words } from '@/ui'
import { count, duration } from '@/words'
import { doneSaid, sharesSaid } from '@/words/lookBack'
import type { FaceProps } from '../ReviewRound'
import { useLookBack } from '../lookBack/useLookBack'
import { useReads } from '../reads'
import { useSeen } from '../useRound'
import { StoneHead } from './StoneHead'

export function DoneStone({ review }: FaceProps) {
  return review.rhythm === 'week' ? <Week /> : <Longer review={review} />
}

function AreaName({ area }: { area: Area | null | undefined }) {
  return (
    <Row gap="$2">
      <Seal letters={area?.letters ?? null} ink={area?.ink ?? 0} />
      <Words flexShrink={1} minWidth={0}>
        {area?.name ?? 'No area'}
      </Words>
    </Row>
  )
}

function Week() {
  const { today, zone, side } = useSeen()
  const document = useHeldDocument()
  const ofSide = useOfSide()
  const [from, to] = lastSevenDays(today)
  const done = doneIn(document, from, to, zone, side)
  const areas = minutesByArea(document, {
    done,
    planned: Array.from({ length: 7 }, (_, at) =>
      ofSide(plannedOn(document, addDays(today, at), today)),
    ).flat(),
    before: doneIn(document, addDays(from, -7), addDays(from, -1), zone, side),
  })
  return (
    <Column gap="$2.5">
      <StoneHead
        title={
          done.length === 0
            ? 'Nothing was ticked in the last seven days'
            : `${count(outcomesOf(done).length, 'action')} done in seven days`
        }
        says={
          done.length === 0
            ? 'That is a fact, not a fault. What stood in the way?'
            : 'Is anything too much, or too little?'
        }
      />
      {areas.length > 0 ? (
        <table className="minutes" aria-label="Minutes by area">
          <thead>
            <tr>
              <th scope="col">Area</th>
              <th scope="col">Week before</th>
              <th scope="col">Last week</th>
              <th scope="col">Next week</th>
            </tr>
          </thead>
          <tbody>
            {areas.map(({ area, doneMinutes, plannedMinutes, beforeMinutes }) => (
              <tr key={area?.id ?? 'none'}>
                <th scope="row">
                  <AreaName area={area} />
                </th>
                {[beforeMinutes, doneMinutes, plannedMinutes].map((minutes, at) => (
                  <td key={at}>{minutes > 0 ? duration(minutes) : '–'}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
    </Column>
  )
}

function Longer({ review: { rhythm, periodFrom } }: Pick<FaceProps, 'review'>) {
  const { zone, side } = useSeen()
  const { reviews } = useReads()
  const document = useHeldDocument()
  const { weekStartsOn } = select.settingsOf(document)
  const period = reviews.periodOf(rhythm, periodFrom)
  const asked = { zone, side, weekStartsOn, grouping: 'area' } as const
  const back = useLookBack(period, asked)
  const before = reviews.periodOf(rhythm, reviews.periodBefore(rhythm, periodFrom))
  const last = useLookBack(before, asked)
  const areas = select.areasOf(document)
  if (!back || !last) return <Column height={240} />
  return (
    <Column gap="$2.5">
      <StoneHead title={doneSaid(back, false)} says={sharesSaid(back)} />
      {back.groups.length > 0 ? (
        <table className="minutes" aria-label="Minutes by area">
          <thead>
            <tr>
              <th scope="col">Area</th>
              <th scope="col">Before</th>
              <th scope="col">Done</th>
            </tr>
          </thead>
          <tbody>
            {back.groups.map(({ key, minutes }) => {
              const area = areas.find(({ id }) => id === key)
              const earlier = last.groups.find((group) => group.key === key)?.minutes ?? 0
              return (
                <tr key={key}>
                  <th scope="row">
                    <AreaName area={area} />
                  </th>
                  <td>{earlier > 0 ? duration(earlier) : '–'}</td>
                  <td>{minutes > 0 ? duration(minutes) : '–'}</td>
                </tr>
              )
            })}
          </tbody>
        </table>
      ) : null}
    </Column>
  )
}
