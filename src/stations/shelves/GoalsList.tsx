// Goals: what is wanted in one to two years, and in three to five; each tells what moved toward it and what stands
// still.
import { useState } from 'react'
import { goalReaches, type Goal, type GoalReach } from '@/core/record'
import type { OnDemand } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, Press, Row, Words } from '@/ui'
import { NameLine } from '@/parts/text/NameLine'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { nearDate } from '@/words'
import { goalStateWords, reachWords } from '@/words/names'
import { movesWords } from '@/words/goals'

export function GoalsList() {
  const goals = useOnDemand()?.goals
  return goals ? <Goals goals={goals} /> : null
}

function Goals({ goals }: { goals: OnDemand['goals'] }) {
  const act = useAct()
  const document = useHeldDocument()
  const [isOverShown, setOverShown] = useState(false)
  const all = goals.goalsOf(document)
  const over = all.filter(({ state }) => state !== 'open')
  const make = (reach: GoalReach) => (
    <NameLine
      label={`New goal, ${reachWords[reach].toLowerCase()}`}
      onMake={(title) => act('addGoal', { title, reach }).ok}
    />
  )
  return (
    <Column gap="$2.5" paddingTop="$2">
      {all.length === 0 ? (
        <EmptyPlace says="A goal is what you want in some years, and why. Link areas and projects to it, and it shows whether anything serves it." />
      ) : null}
      {goalReaches.map((reach) => {
        const open = all.filter((goal) => goal.state === 'open' && goal.reach === reach)
        return (
          <Column key={reach} render="section" aria-label={reachWords[reach]}>
            <BandHeading title={reachWords[reach]} end={open.length > 0 ? String(open.length) : undefined} />
            <Column render="ul" aria-label={reachWords[reach]}>
              {open.map((goal) => (
                <GoalRow key={goal.id} goal={goal} goals={goals} />
              ))}
            </Column>
            {make(reach)}
          </Column>
        )
      })}
      {over.length > 0 ? (
        <Column render="section" aria-label="Reached and let go">
          <BandHeading title="Reached and let go" end={String(over.length)}>
            <Button
              kind="quiet"
              label={isOverShown ? 'Fold' : 'Unfold'}
              aria-expanded={isOverShown}
              onPress={() => setOverShown(!isOverShown)}
            />
          </BandHeading>
          {isOverShown ? (
            <Column render="ul" aria-label="Reached and let go">
              {over.map((goal) => (
                <GoalRow key={goal.id} goal={goal} goals={goals} />
              ))}
            </Column>
          ) : null}
        </Column>
      ) : null}
    </Column>
  )
}

function GoalRow({ goal, goals }: { goal: Goal; goals: OnDemand['goals'] }) {
  const { open } = useOpened()
  const { clock } = useZen()
  const document = useHeldDocument()
  const today = useToday()
  const zone = clock.zone()
  const isOpen = goal.state === 'open'
  const moves = isOpen ? movesWords(goals.movesOf(document, goal.id, today, zone)) : null
  const lookOn = goals.lookAtOn(document, goal, zone)
  return (
    <Column render="li" backgroundColor="$slip" borderBottomWidth={1} borderColor="$rule">
      <Press
        onPress={() => open(goal.id)}
        minHeight={64}
        paddingHorizontal="$3.5"
        paddingVertical="$2.5"
        alignItems="stretch"
        data-row
      >
        <Column flex={1} minWidth={0} gap="$0.5">
          <Words size="large" fontFamily="$heading">
            {goal.title}
          </Words>
          <Row gap="$2" rowGap="$0" flexWrap="wrap">
            <Words size="second" tone={moves && !moves.isMoving ? 'clay' : 'inkSoft'}>
              {moves ? moves.words : goalStateWords[goal.state]}
            </Words>
            {lookOn && lookOn <= today ? (
              <Words size="second" tone="clay">
                {`to look at since ${nearDate(lookOn, today)}`}
              </Words>
            ) : null}
          </Row>
        </Column>
      </Press>
    </Column>
  )
}
