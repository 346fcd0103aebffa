// The actions of a project: the next one, those after it or beside it, what is not for now, and what waits on whom.
import { isHidden } from '@/core/action'
import type { Action, Project } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { lists } from '@/state'
import { Band } from '@/parts/rows/Band'
import { WhatElse } from '@/parts/project/WhatElse'
import { amongTheRest } from '@/parts/done/useDonePlace'
import { useHeldDocument, useToday } from '@/held/zen'
import { BandHeading, Column, EmptyPlace } from '@/ui'
import { count } from '@/words'
import { Drawer } from './Drawer'

/** Nobody means to do it soon. */
const isNotForNow = (action: Action, today: CalendarDate): boolean =>
  action.horizon === 'someday' || action.horizon === 'shelf' || isHidden(action, today)

/** In order, every one has its turn; free, what waits and what is not for now stand apart. */
function apart(project: Project, others: readonly Action[], today: CalendarDate) {
  if (project.inOrder) return { beside: others, notNow: [], waiting: [] }
  const waiting = others.filter((action) => action.waiting !== null)
  const rest = others.filter((action) => action.waiting === null)
  return {
    beside: rest.filter((action) => !isNotForNow(action, today)),
    notNow: rest.filter((action) => isNotForNow(action, today)),
    waiting,
  }
}

export function ProjectActions({
  project,
  done,
}: {
  readonly project: Project
  /** Those that are shown among the rest. */
  readonly done: readonly Action[]
}) {
  const { id, state, inOrder } = project
  const document = useHeldDocument()
  const today = useToday()
  const open = lists.actionsOfProject(document, id)
  const next = lists.nextActionOf(document, id, today)
  const others = open.filter((action) => action !== next)
  const { beside, notNow, waiting } = apart(project, others, today)
  const shown = amongTheRest(beside, done)
  return (
    <>
      {next ? (
        <Band title="Next" actions={[next]} counted="" showDay showProject={next.projectId !== id} />
      ) : null}
      {!next && state === 'open' ? (
        <Column>
          <BandHeading title="Next" />
          <EmptyPlace says="No next action. What can somebody do next? Or:">
            <WhatElse id={id} />
          </EmptyPlace>
        </Column>
      ) : null}
      {shown.length > 0 ? (
        <Band title={inOrder ? 'After that, in order' : 'The others'} actions={shown} showDay />
      ) : null}
      {waiting.length > 0 ? (
        <Drawer name="waiting" title="Waiting for" says={String(waiting.length)} opensItself>
          <Band bare title="Waiting for" actions={waiting} quick="chase" />
        </Drawer>
      ) : null}
      {notNow.length > 0 ? (
        <Drawer name="not-now" title="Not for now" says={count(notNow.length, 'action')}>
          <Band bare title="Not for now" actions={notNow} showDay />
        </Drawer>
      ) : null}
    </>
  )
}
