// A goal opened: what is wanted and why, what moved toward it and what stands still, how it stands, and what points
// at it.
import { roomForActs } from './roomForActs'
import type { Area, Goal, Id, Project } from '@/core/record'
import { goalReaches } from '@/core/record'
import { lists, select, type OnDemand } from '@/state'
import { BandHeading, Button, Choice, Column, EmptyPlace, IconButton, Press, Row, Seal, Words } from '@/ui'
import { EditText } from '@/parts/text/EditText'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { nearDate, shortened, stateWords } from '@/words'
import { movesWords } from '@/words/goals'
import { goalStateWords, reachWords } from '@/words/names'
import { History } from './History'
import { OpenedFoot } from './OpenedFoot'
import { Remarks } from './Remarks'
import { rhythms } from './rhythms'

export function OpenedGoal({ goal }: { goal: Goal }) {
  const act = useAct()
  const goals = useOnDemand()?.goals
  const { id, state } = goal
  const isOpen = state === 'open'
  const put = (next: Goal['state'], say: string) =>
    act('setGoalState', { id, state: next }, { say: `${say}: ${shortened(goal.title)}` })
  return (
    <Column gap="$3" flexGrow={1}>
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        {isOpen ? 'Goal' : `Goal, ${goalStateWords[state]}`}
      </Words>
      <Column gap="$0.5">
        <EditText
          name={`${id} title`}
          label="Goal"
          size="title"
          value={goal.title}
          needed="A goal needs a name."
          onKeep={(title, typing) =>
            act('editGoal', { id, patch: { title } }, { say: false, atField: true, ...typing })
          }
        />
        <EditText
          name={`${id} note`}
          label="Why"
          bare
          rows={3}
          serif
          placeholder="Why is it wanted, and what will be different?"
          value={goal.note}
          onKeep={(note, typing) =>
            act('editGoal', { id, patch: { note } }, { say: false, atField: true, ...typing })
          }
        />
      </Column>
      {goals ? <Moves goal={goal} goals={goals} /> : null}
      <Remarks of={id} title="How it is going" />
      {goals ? <Toward goal={goal} goals={goals} /> : null}
      <Column gap="$2.5">
        <BandHeading title="How it is held" />
        <Choice
          label="Wanted"
          options={goalReaches.map((reach) => ({ value: reach, label: reachWords[reach].toLowerCase() }))}
          chosen={[goal.reach]}
          onToggle={(reach) => act('editGoal', { id, patch: { reach } }, { say: false })}
        />
        <Choice
          label="Looked at again"
          options={rhythms}
          chosen={rhythms.filter(({ weeks }) => weeks === goal.everyWeeks).map(({ value }) => value)}
          onToggle={(value) =>
            act(
              'editGoal',
              { id, patch: { everyWeeks: rhythms.find((each) => each.value === value)?.weeks ?? null } },
              { say: false },
            )
          }
        />
        {isOpen ? (
          <Row gap="$2" flexWrap="wrap" paddingTop="$2">
            <Button label="Reached" onPress={() => put('reached', 'Reached')} />
            <Button label="Let go" onPress={() => put('letGo', 'Let go')} />
          </Row>
        ) : null}
      </Column>
      <History ids={[id]} of={id} />
      {isOpen ? null : (
        <OpenedFoot main={<Button kind="main" label="Reopen" onPress={() => put('open', 'Reopened')} />} />
      )}
    </Column>
  )
}

/** What moved toward it in the last weeks, and when it is looked at next. */
function Moves({ goal, goals }: { goal: Goal; goals: OnDemand['goals'] }) {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  if (goal.state !== 'open') return null
  const zone = clock.zone()
  const { words, isMoving } = movesWords(goals.movesOf(document, goal.id, today, zone))
  const lookOn = goals.lookAtOn(document, goal, zone)
  return (
    <Column gap="$0.5">
      <Words tone={isMoving ? 'moss' : 'clay'}>{words}</Words>
      {lookOn ? (
        <Words size="second" tone={lookOn <= today ? 'clay' : 'inkSoft'}>
          {lookOn <= today
            ? `To be looked at since ${nearDate(lookOn, today)}: say below how it is going.`
            : `Looked at again ${nearDate(lookOn, today)}`}
        </Words>
      ) : null}
    </Column>
  )
}

/** The areas and projects that point at it. */
function Toward({ goal, goals }: { goal: Goal; goals: OnDemand['goals'] }) {
  const document = useHeldDocument()
  const { areas, projects } = goals.towardOf(document, goal.id)
  const open = projects.filter(({ state }) => select.isHeld(state))
  const over = projects.length - open.length
  return (
    <Column>
      <BandHeading title="Serves it" end={over > 0 ? `${over} over` : undefined} />
      {areas.length + open.length === 0 ? (
        <EmptyPlace says="No project or area serves this goal yet. Open one and choose this goal there." />
      ) : null}
      <Column render="ul" aria-label="Serves it">
        {[...areas, ...open].map((one) => (
          <TowardRow key={one.id} one={one} goalId={goal.id} />
        ))}
      </Column>
    </Column>
  )
}

function TowardRow({ one, goalId }: { one: Area | Project; goalId: Id<'goal'> }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const { open } = useOpened()
  const isProject = 'title' in one
  const name = isProject ? one.title : one.name
  const seal = isProject ? select.areasOf(document).find(({ id }) => id === one.areaId) : one
  const next = isProject ? lists.nextActionOf(document, one.id, today) : undefined
  const told = () => {
    if (!isProject) return 'area'
    return one.state === 'open' ? (next?.title ?? 'no next action') : stateWords[one.state]
  }
  return (
    <Row render="li" gap="$1" borderBottomWidth={1} borderColor="$rule">
      <Press onPress={() => open(one.id)} flex={1} minWidth={0} gap="$2.5" minHeight={56} data-row>
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
        <Column flex={1} minWidth={0}>
          <Words>{name}</Words>
          <Words size="second" tone={isProject && one.state === 'open' && !next ? 'clay' : 'inkSoft'} oneLine>
            {told()}
          </Words>
        </Column>
      </Press>
      {one.goalIds.includes(goalId) ? (
        <IconButton
          label={`Unlinked: ${shortened(name)}`}
          icon="close"
          tone="inkSoft"
          onPress={() =>
            act('pointAt', { id: one.id, goalId, points: false }, { say: `Unlinked: ${shortened(name)}` })
          }
        />
      ) : null}
    </Row>
  )
}
