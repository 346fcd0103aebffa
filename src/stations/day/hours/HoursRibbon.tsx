// The day as a ribbon to scale: events in slate, what is fixed with an ink edge, what is planned with a moss edge, the
// gaps open with their minutes; a brass needle at now. A gap tapped asks what fits into it.
import { View } from '@tamagui/core'
import { useState } from 'react'
import { hoursOf, type RibbonGap } from '@/core/day/ribbon'
import type { ZoneMark } from '@/core/day/zoneMarks'
import { useToday } from '@/held/zen'
import { placeMark } from '@/parts/carrying/place'
import { DayEvents } from '@/parts/events/DayEvents'
import { Button, Column, Row, Words } from '@/ui'
import { FloatingMain } from '@/ui/FloatingMain'
import { count, duration } from '@/words'
import { zoneMarkWords } from '@/words/events'
import { GapSheet } from './GapSheet'
import { HoursBlock } from './HoursBlock'
import { LayOutSheet } from './LayOutSheet'
import { heightOf, hourHeight, leastHeight } from './scale'
import { mostFitting, useFitting } from './useGap'
import { usePlacing } from './usePlacing'
import { useRibbon, type DayRibbon } from './useRibbon'

const gutter = 38

/** "2 events, longest gap 1 h 45": how hard the rest of the day is. */
function hardWords({ busyEvents, ribbon: { gaps } }: DayRibbon): string {
  const longest = Math.max(0, ...gaps.map(({ from, to }) => to - from))
  const free = longest === 0 ? 'no gap left' : `longest gap ${duration(longest)}`
  return `${busyEvents === 0 ? 'No events' : count(busyEvents, 'event')}, ${free}`
}

/** On a phone the button to lay out the day stands under the thumb. */
export function HoursRibbon({ isAlone = false }: { isAlone?: boolean }) {
  const today = useToday()
  const day = useRibbon(today)
  const placing = usePlacing(today)
  const fittingIn = useFitting(today)
  const [asked, setAsked] = useState<RibbonGap | null>(null)
  const [isLayingOut, setLayingOut] = useState(false)
  const { ribbon, wholeDays, now, zone, marks } = day
  // Something was laid out before: what is left of the day is laid out anew.
  const isRest = ribbon.blocks.some(({ kind }) => kind === 'placed')
  const inOrder = [
    ...ribbon.blocks.map((block) => ({ from: block.from, block })),
    ...ribbon.gaps.map((gap) => ({ from: gap.from, gap })),
  ].sort((a, b) => a.from - b.from)
  const topOf = (at: number) => heightOf(at - ribbon.from)
  return (
    <Column render="section" aria-label="Hours" gap="$2">
      <Row justifyContent="space-between" gap="$2" minHeight={isAlone ? undefined : 44}>
        <Words size="second" tone="inkSoft" flexShrink={1}>
          {hardWords(day)}
        </Words>
        {isAlone ? null : (
          <Button
            kind="quiet"
            label="Lay out"
            aria-label={isRest ? 'Lay out the rest' : 'Lay out the day'}
            aria-haspopup="dialog"
            onPress={() => setLayingOut(true)}
          />
        )}
      </Row>
      {wholeDays.length > 0 ? <DayEvents events={wholeDays} date={today} label="All day" /> : null}
      <View position="relative" height={heightOf(ribbon.to - ribbon.from) + 12} marginTop="$2">
        {hoursOf(today, zone, ribbon).map(({ at, hour }) => (
          <div key={at} className="hours-rule" style={{ top: topOf(at) - 9 }} aria-hidden>
            <span style={{ width: gutter - 10 }}>{now !== null && Math.abs(now - at) < 10 ? '' : hour}</span>
          </div>
        ))}
        <View
          render="ol"
          aria-label="Hours of today"
          data-place={placeMark({ kind: 'hours', date: today })}
          data-from={ribbon.from}
          data-to={ribbon.to}
          data-an-hour={hourHeight}
          position="absolute"
          top={0}
          bottom={0}
          left={gutter}
          right={0}
        >
          {marks.map((mark) => (
            <ClockMark key={`${mark.at} ${mark.zone}`} mark={mark} top={topOf(mark.at)} />
          ))}
          {inOrder.map((each) =>
            'block' in each ? (
              <HoursBlock key={each.block.id} block={each.block} top={topOf(each.from)} placing={placing} />
            ) : (
              <Gap
                key={`gap ${each.gap.to}`}
                gap={each.gap}
                top={topOf(each.gap.seenFrom)}
                fitting={fittingIn(each.gap, now !== null && each.from <= now)}
                onAsk={() => setAsked(each.gap)}
              />
            ),
          )}
        </View>
        {now === null || now < ribbon.from || now > ribbon.to ? null : (
          <View
            position="absolute"
            top={topOf(now) - 1}
            left={gutter - 10}
            right={0}
            height={2}
            backgroundColor="$brass"
            aria-hidden
            pointerEvents="none"
          >
            <View
              position="absolute"
              left={-4}
              top={-4}
              width={10}
              height={10}
              borderRadius={5}
              backgroundColor="$brass"
            />
          </View>
        )}
      </View>
      {isAlone ? (
        <FloatingMain>
          <Button
            kind="main"
            label={isRest ? 'Lay out the rest' : 'Lay out the day'}
            aria-haspopup="dialog"
            onPress={() => setLayingOut(true)}
          />
        </FloatingMain>
      ) : null}
      {isLayingOut ? <LayOutSheet isRest={isRest} onClose={() => setLayingOut(false)} /> : null}
      {asked ? (
        <GapSheet
          date={today}
          gap={asked}
          isNow={now !== null && asked.from <= now}
          placing={placing}
          onClose={() => setAsked(null)}
        />
      ) : null}
    </Column>
  )
}

/** Where two clocks meet: a line, and at its end which of them goes from there on. */
const ClockMark = ({ mark, top }: { mark: ZoneMark; top: number }) => (
  <View
    render="li"
    position="absolute"
    zIndex={1}
    top={top - 9}
    left={0}
    right={0}
    height={18}
    flexDirection="row"
    alignItems="center"
    pointerEvents="none"
  >
    <View flex={1} height={1} backgroundColor="$slate" />
    <View backgroundColor="$slateWash" borderRadius={3} paddingHorizontal="$1.5">
      <Words size="small" tone="slate" oneLine>
        {zoneMarkWords(mark)}
      </Words>
    </View>
  </View>
)

interface GapProps {
  readonly gap: RibbonGap
  readonly top: number
  /** How many fit; no more than `mostFitting` are counted. */
  readonly fitting: number
  readonly onAsk: () => void
}

/** An open stretch: how long it is, and how many of the actions in reach fit into it. */
function Gap({ gap, top, fitting, onAsk }: GapProps) {
  const { from, to, seenFrom } = gap
  const many = fitting === mostFitting ? `${mostFitting} or more` : String(fitting)
  const fits = fitting === 1 ? '1 fits' : `${many} fit`
  const words = `${duration(to - from)} free: ${fitting === 0 ? 'nothing fits' : fits}`
  return (
    <li
      className="hours-gap"
      style={{ top: top + 2, height: Math.max(leastHeight, heightOf(to - seenFrom) - 4) }}
    >
      <button type="button" aria-label={`${words}. See what fits`} aria-haspopup="dialog" onClick={onAsk}>
        {words}
      </button>
    </li>
  )
}
