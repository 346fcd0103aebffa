// Toward which goals a project goes, after which others it comes, and of which one it is a part.
import type { Area, Id, Project } from '@/core/record'
import { select } from '@/state'
import { allPartsOf } from '@/state/read/projectParts'
import { Button } from '@/ui'
import { useOnDemand } from '@/held/reader'
import { useAct, useHeldDocument } from '@/held/zen'
import { nameOfRecord, shortened } from '@/words'
import { madeIn, type ChooserProps } from './chooserProps'
import { NameChooser } from './NameChooser'

interface Shared extends Pick<ChooserProps, 'anchor' | 'onClose'> {
  readonly title: string
}

export interface GoalChooserProps extends Shared {
  readonly of: Pick<Project | Area, 'id' | 'goalIds'>
}

export function GoalChooser({ of, ...shared }: GoalChooserProps) {
  const act = useAct()
  const document = useHeldDocument()
  const goals = useOnDemand()?.goals.goalsOf(document) ?? []
  const point = (goalId: Id<'goal'>, points: boolean) =>
    act('pointAt', { id: of.id, goalId, points }, { say: false })
  return (
    <NameChooser
      {...shared}
      options={goals
        .filter(({ id, state }) => state === 'open' || of.goalIds.includes(id))
        .map(({ id, title }) => ({ id, name: title, isChosen: of.goalIds.includes(id) }))}
      makes={[
        {
          says: (name) => `make “${name}” a goal`,
          make: (title) => {
            const made = madeIn<'goal'>(act('addGoal', { title, reach: 'near' }, { say: false }))
            if (made) point(made, true)
          },
        },
      ]}
      onChoose={(id) => point(id as Id<'goal'>, !of.goalIds.includes(id as Id<'goal'>))}
    />
  )
}

/** As many as are looked through at each key. */
const mostOptions = 3000

export function ProjectAfterChooser({
  of,
  ...shared
}: Shared & { readonly of: Pick<Project, 'id' | 'afterIds' | 'areaId'> }) {
  const act = useAct()
  const document = useHeldDocument()
  const others = select
    .projectsOf(document)
    .filter(({ id, state }) => id !== of.id && (select.isHeld(state) || of.afterIds.includes(id)))
  const isNear = (project: Project) => project.areaId === of.areaId
  return (
    <NameChooser
      {...shared}
      options={[...others.filter(isNear), ...others.filter((each) => !isNear(each))]
        .slice(0, mostOptions)
        .map(({ id, title }) => ({ id, name: shortened(title), isChosen: of.afterIds.includes(id) }))}
      makes={[]}
      onChoose={(id) => {
        const afterId = id as Id<'project'>
        const isAfter = of.afterIds.includes(afterId)
        const after = shortened(nameOfRecord(document, afterId))
        act(
          isAfter ? 'unblockProject' : 'blockProject',
          { id: of.id, afterId },
          {
            say: `${shortened(nameOfRecord(document, of.id))}: ${isAfter ? `not after ${after} any longer` : `after ${after}`}`,
          },
        )
      }}
    />
  )
}

/** The projects that another can be laid into: neither it nor its own parts. */
export function WholeChooser({
  of,
  ...shared
}: Shared & { readonly of: Pick<Project, 'id' | 'parentId' | 'areaId'> }) {
  const act = useAct()
  const document = useHeldDocument()
  const own = new Set<string>([of.id, ...allPartsOf(document, of.id).map(({ id }) => id)])
  const others = select.projectsOf(document).filter(({ id, state }) => !own.has(id) && select.isHeld(state))
  const isNear = (project: Project) => project.areaId === of.areaId
  const lay = (parentId: Id<'project'> | null) =>
    act('layProject', { id: of.id, areaId: of.areaId, parentId, stageId: null, besideId: null })
  return (
    <NameChooser
      {...shared}
      none={
        of.parentId ? (
          <Button
            kind="quiet"
            label="a project of its own"
            onPress={() => {
              lay(null)
              shared.onClose()
            }}
          />
        ) : null
      }
      options={[...others.filter(isNear), ...others.filter((each) => !isNear(each))]
        .slice(0, mostOptions)
        .map(({ id, title }) => ({ id, name: shortened(title), isChosen: id === of.parentId }))}
      makes={[]}
      onChoose={(id) => lay(id as Id<'project'>)}
    />
  )
}
