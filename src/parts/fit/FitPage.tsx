// Will it all fit? In one sentence, as a picture, promise by promise, and with the cheapest ways out where it does not.
import { View } from '@tamagui/core'
import { lazy, Suspense, useState } from 'react'
import type { Fit, FitPoint, MendingWay } from '@/core/fit'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { daysBetween } from '@/core/time'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { ChosenField } from '@/parts/choosers/useChooser'
import { BandHeading, Button, Column, EmptyPlace, Press, Row, Words } from '@/ui'
import { nearDate, shortened } from '@/words'
import { fitSentence, fitWayWords, guessedWords, pointWords, promisedTitle } from '@/words/fit'
import { useFitWithWays } from './useFit'
import { useMend } from './useMend'

const FitChart = lazy(() => import('@/ui/drawings').then((drawn) => ({ default: drawn.FitChart })))

/** So many are shown where all of it fits. */
const few = 8
/** Else the first that does not, with so many before and behind it: what would mend it is in sight. */
const around = 2

export function FitPage() {
  const found = useFitWithWays()
  const document = useHeldDocument()
  const today = useToday()
  const { fit, ways, usualMinutes } = found
  const { fits, short } = fitSentence(fit, document, today)
  if (fit.points.length === 0)
    return (
      <EmptyPlace says="Nothing has a due date. What has one is measured here against the time before it." />
    )
  return (
    <Column gap="$4">
      <Words size="title" render="p" role="status">
        {fits}{' '}
        {short === '' ? null : (
          <Words size="title" tone="clay">
            {short}
          </Words>
        )}
      </Words>
      <Picture fit={fit} words={`${fits} ${short}`} />
      <Points fit={fit} />
      {ways.length > 0 ? <Ways ways={ways} /> : null}
      {fit.firstBreak && ways.length === 0 ? (
        <Words tone="inkSoft">
          No single change mends it. Make something shorter, hand it over, or promise it later.
        </Words>
      ) : null}
      {fit.guessed > 0 ? (
        <Words size="second" tone="inkSoft">
          {guessedWords(fit.guessed, usualMinutes)}
        </Words>
      ) : null}
    </Column>
  )
}

/** So many days are drawn where all of it fits, else so many beyond the first that does not. */
const drawnDays = 42
const daysBeyond = 10

function Picture({ fit, words }: { fit: Fit; words: string }) {
  const today = useToday()
  const dayOf = ({ promised }: FitPoint) => Math.max(0, daysBetween(today, promised.date))
  const most = fit.firstBreak ? dayOf(fit.firstBreak) + daysBeyond : drawnDays
  const drawn = fit.points.filter((point) => dayOf(point) <= most)
  const last = drawn.at(-1)
  if (!last || dayOf(last) === 0) return null
  return (
    <Column gap="$1">
      <Suspense fallback={<View height={150} />}>
        <FitChart
          points={drawn.map((point) => ({
            day: dayOf(point),
            promised: point.promisedMinutes,
            available: point.availableMinutes,
          }))}
          breakAt={fit.firstBreak ? drawn.indexOf(fit.firstBreak) : null}
          words={words.trim()}
        />
      </Suspense>
      <Row justifyContent="space-between" gap="$2" aria-hidden>
        <Words size="small" tone="inkSoft">
          today
        </Words>
        <Words size="small" tone="inkSoft">
          promised, filled; available, dashed
        </Words>
        <Words size="small" tone="inkSoft">
          {nearDate(last.promised.date, today)}
        </Words>
      </Row>
    </Column>
  )
}

/** The first few, and those around the first that does not fit. */
function shownOf({ points, firstBreak }: Fit, isWhole: boolean): readonly FitPoint[] {
  if (isWhole) return points
  if (!firstBreak) return points.slice(0, few)
  const at = points.indexOf(firstBreak)
  return points.slice(Math.max(0, at - around), at + around)
}

function Points({ fit }: { fit: Fit }) {
  const [isWhole, setWhole] = useState(false)
  const shown = shownOf(fit, isWhole)
  const left = fit.points.length - shown.length
  return (
    <Column>
      <Column render="ul" aria-label="What is due">
        {shown.map((point) => (
          <Point key={point.promised.id} point={point} />
        ))}
      </Column>
      {left > 0 ? (
        <Row>
          <Button
            kind="quiet"
            marginLeft="$-2"
            label={`See all ${fit.points.length} that are due`}
            onPress={() => setWhole(true)}
          />
        </Row>
      ) : null}
    </Column>
  )
}

function Point({ point }: { point: FitPoint }) {
  const document = useHeldDocument()
  const today = useToday()
  const { open } = useOpened()
  const { promised, promisedMinutes, availableMinutes, shortMinutes } = point
  const whole = Math.max(promisedMinutes, availableMinutes, 1)
  const isShort = shortMinutes > 0
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip">
      <Press
        width="100%"
        minHeight={60}
        paddingHorizontal="$3"
        paddingVertical="$2"
        onPress={() => open(promised.id as Id<'action'>)}
        data-row
      >
        <Column flex={1} gap="$1.5">
          <Row justifyContent="space-between" columnGap="$3" alignItems="baseline" flexWrap="wrap">
            <Words flexGrow={1} flexShrink={1} flexBasis={220} minWidth={0} strong={isShort} textAlign="left">
              {promisedTitle(document, promised.id)}
            </Words>
            <Words size="second" tone={isShort ? 'clay' : 'inkSoft'} flexShrink={0}>
              {pointWords(point, today)}
            </Words>
          </Row>
          <View
            height={8}
            borderWidth={1}
            borderColor="$edge"
            flexDirection="row"
            position="relative"
            aria-hidden
          >
            <View
              backgroundColor={isShort ? '$clayFill' : '$mossWash'}
              style={{ width: `${(promisedMinutes / whole) * 100}%` }}
            />
            {isShort ? (
              <View
                position="absolute"
                top={-4}
                bottom={-4}
                width={2}
                backgroundColor="$ink"
                style={{ left: `${(availableMinutes / whole) * 100}%` }}
              />
            ) : null}
          </View>
        </Column>
      </Press>
    </Column>
  )
}

function Ways({ ways }: { ways: readonly MendingWay[] }) {
  const document = useHeldDocument()
  const today = useToday()
  const mend = useMend()
  const [handed, setHanded] = useState<Id<'action'> | null>(null)
  return (
    <Column>
      <BandHeading title="What would mend it, cheapest first" />
      <Column render="ul" aria-label="What would mend it">
        {ways.map((way) => {
          const { does, gives } = fitWayWords(way, document, today)
          return (
            <Row
              key={way.kind}
              render="li"
              gap="$3"
              paddingVertical="$2"
              paddingHorizontal="$3"
              borderBottomWidth={1}
              borderColor="$rule"
              backgroundColor="$slip"
            >
              <Column flex={1} minWidth={0}>
                <Words>{does}</Words>
                <Words size="second" tone="inkSoft">
                  {gives}
                </Words>
              </Column>
              <Button
                kind="quiet"
                label="Do it"
                aria-label={`Do it: ${does}`}
                aria-haspopup={way.kind === 'handOver' ? 'dialog' : undefined}
                onPress={() => (way.kind === 'handOver' ? setHanded(way.id) : mend(way))}
              />
            </Row>
          )
        })}
      </Column>
      {handed ? <HandOver id={handed} onClose={() => setHanded(null)} /> : null}
    </Column>
  )
}

function HandOver({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const document = useHeldDocument()
  const action = recordIn(document, id)
  return action ? (
    <ChosenField
      field="waiting"
      title={`Hand over “${shortened(action.title)}”`}
      of={action}
      onClose={onClose}
      onSet={(patch) => act('editAction', { id, patch }, { say: `Handed over: ${shortened(action.title)}` })}
    />
  ) : null
}
