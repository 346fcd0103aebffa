// The projects of an area that has stages, or the parts of a project: a column each, side by side on a wide page and
// swiped through on a phone, and at the end how they ended. Carried from one to the next, a project moves on.
import { useId } from 'react'
import { endings, type Ending, type Id, type Project, type Stage } from '@/core/record'
import type { StageFigures } from '@/core/stage'
import { lists, type OnDemand } from '@/state'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { ColumnLimit } from '@/parts/columns/ColumnLimit'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { Column, Row, Seal, Words } from '@/ui'
import { daysHereWords, endingWords, throughWords, wonWords } from '@/words/stages'
import { nextWords } from './nextWords'
import { endPlace } from './shelfPlaces'

interface BoardProps {
  /** Whose stages they are. */
  readonly owner: { readonly id: Id<'area'> | Id<'project'>; readonly name: string }
  readonly stages: readonly Stage[]
  readonly projects: readonly Project[]
}

export function StageBoard(props: BoardProps) {
  const stagesRead = useOnDemand()?.stages
  return stagesRead ? <Board {...props} read={stagesRead} /> : null
}

interface Read {
  readonly read: OnDemand['stages']
}

function Board({ owner, stages, projects, read }: BoardProps & Read) {
  const document = useHeldDocument()
  const { clock } = useZen()
  const way = read.wayOf(document, owner.id, clock.zone())
  const open = projects.filter(({ ending }) => ending === null)
  const ids = new Set<string | null>(stages.map(({ id }) => id))
  const inNone = open.filter(({ stageId }) => !ids.has(stageId))
  const column = (stage: Stage | null, of: readonly Project[], figures?: StageFigures) => (
    <StageColumn
      key={stage?.id ?? 'none'}
      owner={owner}
      stage={stage}
      projects={of}
      figures={figures}
      read={read}
    />
  )
  return (
    <Column gap="$1.5">
      <div className="stages" role="group" aria-label={`Stages of ${owner.name}`}>
        {inNone.length > 0 ? column(null, inNone) : null}
        {stages.map((stage, at) =>
          column(
            stage,
            open.filter(({ stageId }) => stageId === stage.id),
            way.stages[at],
          ),
        )}
        <div className="stage-ends" role="group" aria-label={`How those of ${owner.name} ended`}>
          {endings.map((ending) => (
            <EndPlace key={ending} ownerId={owner.id} ending={ending} count={way[ending]} />
          ))}
        </div>
      </div>
      {way.medianDays === null ? null : <p className="stage-told won">{wonWords(way)}</p>}
    </Column>
  )
}

function StageColumn({
  owner,
  stage,
  projects,
  figures,
  read,
}: Pick<BoardProps, 'owner'> & {
  readonly stage: Stage | null
  readonly projects: readonly Project[]
  readonly figures: StageFigures | undefined
} & Read) {
  const id = useId()
  const act = useAct()
  const name = stage?.name ?? 'In no stage yet'
  const through = figures ? throughWords(figures.through, figures.medianDays) : null
  return (
    <DropPlace place={{ kind: 'in', in: stage?.id ?? owner.id }} className="stage">
      <section aria-labelledby={id}>
        <Row gap="$2" alignItems="center" minHeight={44} paddingLeft="$2.5">
          <Words render="h4" id={id} strong flex={1} minWidth={0} className="clamped two">
            {name}
          </Words>
          {stage ? (
            <ColumnLimit
              title={name}
              count={projects.length}
              limit={stage.limit}
              onSet={(limit) =>
                act(
                  'editStage',
                  { id: stage.id, patch: { limit } },
                  { say: limit === null ? `No limit: ${name}` : `At most ${limit}: ${name}` },
                )
              }
            />
          ) : null}
        </Row>
        <ul aria-label={name} className="stage-rows">
          {projects.map((project) => (
            <StageCard key={project.id} project={project} read={read} />
          ))}
        </ul>
        {through ? <p className="stage-told">{through}</p> : null}
      </section>
    </DropPlace>
  )
}

/** A project in its stage: its title, how long it has stood here, and what comes next. */
function StageCard({ project, read }: { readonly project: Project } & Read) {
  const { opened, open } = useOpened()
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const next = nextWords(project, lists.nextActionOf(document, project.id, today), document, today)
  const days = read.daysIn(project, read.passagesOf(document, project.id), today, clock.zone())
  return (
    <li
      className={opened === project.id ? 'shelf-card stage-card chosen' : 'shelf-card stage-card'}
      data-of={project.id}
    >
      <button type="button" className="stage-open" data-row onClick={() => open(project.id)}>
        <span className="stage-title">
          {project.letters ? <Seal letters={project.letters} ink={project.ink} size={20} /> : null}
          <span>{project.title}</span>
        </span>
        {days === null ? null : <span className="slip-details">{daysHereWords(days)}</span>}
        <span className={next.tone === 'clay' ? 'slip-details clay' : 'slip-details'}>{next.words}</span>
      </button>
    </li>
  )
}

/** Where what ended so is laid. */
function EndPlace({
  ownerId,
  ending,
  count,
}: {
  readonly ownerId: BoardProps['owner']['id']
  readonly ending: Ending
  readonly count: number
}) {
  return (
    <DropPlace place={{ kind: 'in', in: endPlace(ownerId, ending) }} className="stage-end">
      <span>{endingWords[ending]}</span>
      <span>{count.toLocaleString('en-GB')}</span>
    </DropPlace>
  )
}
