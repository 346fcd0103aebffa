// On a wide page the goals stand above the shelves: each with what moved toward it, or that nothing did.
import { useMedia } from '@tamagui/core'
import type { OnDemand } from '@/state'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { BandHeading, Column } from '@/ui'
import { movesWords } from '@/words/goals'
import { FoldButton, useFolded } from './FoldButton'

export function GoalsBoard() {
  const goals = useOnDemand()?.goals
  const { wide } = useMedia()
  return wide && goals ? <Board goals={goals} /> : null
}

function Board({ goals }: { readonly goals: OnDemand['goals'] }) {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const { opened, open } = useOpened()
  const [isFolded] = useFolded('goals')
  const all = goals.goalsOf(document).filter(({ state }) => state === 'open')
  if (all.length === 0) return null
  return (
    <Column render="section" aria-label="Goals">
      <BandHeading title="Goals">
        <FoldButton id="goals" name="Goals" />
      </BandHeading>
      {isFolded ? null : (
        <ul className="goal-board" aria-label="Goals">
          {all.map((goal) => {
            const { words, isMoving } = movesWords(goals.movesOf(document, goal.id, today, clock.zone()))
            return (
              <li
                key={goal.id}
                data-of={goal.id}
                className={opened === goal.id ? 'goal-card chosen' : 'goal-card'}
              >
                <button type="button" data-row onClick={() => open(goal.id)}>
                  <span className="goal-title">{goal.title}</span>
                  <span className={isMoving ? 'slip-details moss' : 'slip-details clay'}>{words}</span>
                </button>
              </li>
            )
          })}
        </ul>
      )}
    </Column>
  )
}
