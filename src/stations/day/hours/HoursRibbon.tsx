// The day as a ribbon to scale: events in slate, what is fixed with an ink edge, what is planned with a moss edge, the
// gaps open with their minutes; a brass needle at now. A gap tapped asks what fits into it.
import { View } from '@tamagui/core'
import { hoursOf, type RibbonBlock, type RibbonGap } from '@/core/day/ribbon'
import type { Id } from '@/core/record'
import { desk } from '@/held/desk'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument, useToday } from '@/held/zen'
import { EventRows } from '@/parts/events/EventRows'
import { lists } from '@/state'
import { Column, Press, Unseen, Words } from '@/ui'
import { count, duration } from '@/words'
import { useSided } from '../useDayBands'
import { useReach } from '../useReach'
import { useRibbon, type DayRibbon, type OnRibbon } from './useRibbon'

/** Pixels for an hour. */
const hourHeight = 78
const least = 24
/** From here on there is room for a second line. */
const twoLines = 44
const gutter = 38

const faces = {
  event: { backgroundColor: '$slateWash', borderColor: '$slate', edge: 3 },
  fixed: { backgroundColor: '$slip', borderColor: '$ink', edge: 1 },
  placed: { backgroundColor: '$slip', borderColor: '$moss', edge: 3 },
  planned: { backgroundColor: '$slip', borderColor: '$moss', edge: 3 },
  done: { backgroundColor: 'transparent', borderColor: '$rule', edge: 1 },
} as const

type Height = (minutes: number) => number
const height: Height = (minutes) => (minutes / 60) * hourHeight

/** "2 events, longest gap 1 h 45": how hard the rest of the day is. */
function hardWords({ busyEvents, ribbon: { gaps } }: DayRibbon): string {
  const longest = Math.max(0, ...gaps.map(({ from, to }) => to - from))
  const free = longest === 0 ? 'no gap left' : `longest gap ${duration(longest)}`
  return `${busyEvents === 0 ? 'No events' : count(busyEvents, 'event')}, ${free}`
}

export function HoursRibbon({ onSeeReach }: { onSeeReach: () => void }) {
  const today = useToday()
  const day = useRibbon(today)
  const { ribbon, wholeDays, now, zone } = day
  const inOrder = [
    ...ribbon.blocks.map((block) => ({ from: block.from, block, gap: null })),
    ...ribbon.gaps.map((gap) => ({ from: gap.from, block: null, gap })),
  ].sort((a, b) => a.from - b.from)
  const topOf = (at: number) => height(at - ribbon.from)
  return (
    <Column render="section" aria-label="Hours" gap="$2">
      <Words size="second" tone="inkSoft">
        {hardWords(day)}
      </Words>
      {wholeDays.length > 0 ? <EventRows events={wholeDays} date={today} label="All day" /> : null}
      <View position="relative" height={height(ribbon.to - ribbon.from) + 12} marginTop="$2">
        {hoursOf(today, zone, ribbon).map(({ at, hour }) => (
          <View
            key={at}
            position="absolute"
            top={topOf(at) - 9}
            left={0}
            right={0}
            flexDirection="row"
            alignItems="center"
            aria-hidden
            pointerEvents="none"
          >
            <Words size="small" tone="inkSoft" width={gutter - 10} textAlign="right">
              {now !== null && Math.abs(now - at) < 10 ? '' : hour}
            </Words>
            <View flex={1} height={1} marginLeft="$2.5" backgroundColor="$rule" />
          </View>
        ))}
        <View
          render="ol"
          aria-label="Hours of today"
          position="absolute"
          top={0}
          bottom={0}
          left={gutter}
          right={0}
        >
          {inOrder.map(({ block, gap }) =>
            block ? (
              <Block key={`${block.id} ${block.kind}`} block={block} top={topOf(block.from)} />
            ) : (
              <Gap
                key={`gap ${(gap as RibbonGap).from}`}
                gap={gap as RibbonGap}
                top={topOf((gap as RibbonGap).seenFrom)}
                onSeeReach={onSeeReach}
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
    </Column>
  )
}

function Block({ block, top }: { block: RibbonBlock<OnRibbon>; top: number }) {
  const { open } = useOpened()
  const { title, when, detail, kind, event, lane, lanes, isFree } = block
  const tall = Math.max(least, height(block.to - block.from) - 3)
  const { edge, ...face } = faces[kind]
  return (
    <View
      render="li"
      position="absolute"
      top={top + 1}
      height={tall}
      style={{ left: `${(lane / lanes) * 100}%`, width: `calc(${100 / lanes}% - ${lanes > 1 ? 3 : 0}px)` }}
    >
      <Press
        aria-haspopup="dialog"
        onPress={() =>
          event ? desk.getState().openSheet({ kind: 'event', event }) : open(block.id as Id<'action'>)
        }
        {...face}
        {...(isFree ? { backgroundColor: 'transparent' } : {})}
        borderWidth={1}
        borderLeftWidth={edge}
        borderStyle={isFree ? 'dashed' : 'solid'}
        borderRadius={3}
        width="100%"
        height="100%"
        minHeight={24}
        overflow="hidden"
        alignItems="flex-start"
        paddingHorizontal="$2.5"
        paddingVertical={tall < twoLines ? '$0.5' : '$1'}
      >
        <Column flex={1} minWidth={0}>
          <Words size="second" oneLine tone={kind === 'done' ? 'inkSoft' : 'ink'}>
            {when === '' ? null : <Unseen>{when}</Unseen>}
            {title}
            {tall < twoLines ? <Unseen>{detail}</Unseen> : null}
          </Words>
          {tall < twoLines ? null : (
            <Words size="small" tone={detail === 'does not fit' ? 'clay' : 'inkSoft'} oneLine>
              {detail}
            </Words>
          )}
          {kind === 'event' ? <Unseen>event</Unseen> : null}
        </Column>
      </Press>
    </View>
  )
}

/** An open stretch: how long it is, and how many of the actions in reach fit into it. */
function Gap({
  gap: { from, to, seenFrom },
  top,
  onSeeReach,
}: {
  gap: RibbonGap
  top: number
  onSeeReach: () => void
}) {
  const document = useHeldDocument()
  const today = useToday()
  const { anyhow, setMinutes } = useReach()
  const minutes = to - from
  const bands = useSided(lists.dayBandsWith(today, { ...anyhow, minutes }))
  const fitting = bands.countInReach(document)
  const words = `${duration(minutes)} free: ${fitting === 0 ? 'nothing fits' : `${fitting} fit${fitting === 1 ? 's' : ''}`}`
  return (
    <View
      render="li"
      position="absolute"
      top={top + 2}
      left={0}
      right={0}
      height={Math.max(24, height(to - seenFrom) - 4)}
    >
      <Press
        aria-label={`${words}. See what fits`}
        onPress={() => {
          setMinutes(minutes)
          onSeeReach()
        }}
        width="100%"
        height="100%"
        minHeight={24}
        justifyContent="center"
        borderWidth={1}
        borderStyle="dashed"
        borderColor="$edge"
        borderRadius={3}
      >
        <Words size="second" tone="brass">
          {words}
        </Words>
      </Press>
    </View>
  )
}
