// Which chooser sets which field. Reached through useChooser alone: the choosers load when the first is opened.
import { laidOnDay, withHorizon } from '@/core/action'
import type { Document } from '@/core/journal'
import {
  energies,
  keptHorizons,
  projectStates,
  weights,
  type Horizon,
  type Id,
  type Project,
  type Waiting,
} from '@/core/record'
import type { ActionPatch } from '@/core/sentence/amend'
import { lists, select, type Outcome } from '@/state'
import { Button } from '@/ui'
import { chooserWords, horizonWords, stateWords, type Sayable, type SaidField } from '@/words'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { AddressChooser } from './AddressChooser'
import { DayChooser } from './DayChooser'
import { NameChooser, type NamedOption } from './NameChooser'
import { MinutesChooser, ScaleChooser } from './ScaleChooser'

export interface ChooserProps {
  readonly field: SaidField
  readonly of: Sayable
  readonly anchor: DOMRect | null
  /** Instead of the field's own name, where the chooser stands alone. */
  readonly title?: string
  readonly onSet: (patch: ActionPatch) => void
  readonly onClose: () => void
}

export interface ProjectChooserProps extends Pick<ChooserProps, 'field' | 'anchor' | 'onClose'> {
  readonly of: Pick<Project, 'state' | 'due' | 'areaId'>
  readonly onSet: (patch: Partial<Pick<Project, 'state' | 'due' | 'areaId'>>) => void
}

const options = <T extends string>(values: readonly T[], words?: Readonly<Record<T, string>>) =>
  values.map((value) => ({ value, label: words?.[value] ?? value }))
const horizons: readonly Horizon[] = ['today', ...keptHorizons]

/** The record that a command has just made. */
const madeIn = <K extends 'context' | 'person' | 'project' | 'area'>(outcome: Outcome): Id<K> | null => {
  const part = outcome.ok ? outcome.value[0] : undefined
  return part?.kind === 'added' ? (part.record.id as Id<K>) : null
}

export function ActionChooser(props: ChooserProps) {
  const { field, of, onSet, onClose, anchor } = props
  const today = useToday()
  const shared = { title: props.title ?? chooserWords[field], anchor, onClose }
  switch (field) {
    case 'due':
      return (
        <DayChooser
          {...shared}
          date={of.due?.date ?? null}
          time={of.due?.time ?? null}
          none="no day"
          onChoose={(date, time) => onSet({ due: date && { date, time } })}
        />
      )
    case 'at':
      return (
        <DayChooser
          {...shared}
          date={of.at?.date ?? null}
          time={of.at?.time ?? null}
          none="not fixed"
          onChoose={(date, time) => onSet({ at: date && { date, time }, day: null })}
        />
      )
    case 'day':
      return (
        <DayChooser
          {...shared}
          date={of.at?.date ?? of.day}
          none="no day"
          note={of.due && of.due.date >= today ? 'A day after the promise moves the promise too.' : null}
          onChoose={(date) => onSet(laidOnDay(of, date))}
        />
      )
    case 'notBefore':
      return (
        <DayChooser
          {...shared}
          date={of.notBefore}
          none="not hidden"
          onChoose={(date) => onSet({ notBefore: date })}
        />
      )
    case 'since':
    case 'chase':
      return of.waiting ? (
        <WaitingDay {...props} title={shared.title} waiting={of.waiting} isChase={field === 'chase'} />
      ) : null
    case 'minutes':
      return <MinutesChooser {...shared} minutes={of.minutes} onChoose={(minutes) => onSet({ minutes })} />
    case 'horizon':
      return (
        <ScaleChooser
          {...shared}
          options={options(horizons, horizonWords)}
          chosen={of.day === today ? 'today' : of.horizon}
          onChoose={(horizon) => {
            if (horizon) onSet(withHorizon(of, horizon, today))
          }}
        />
      )
    case 'weight':
      return (
        <ScaleChooser
          {...shared}
          options={options(weights)}
          chosen={of.weight}
          onChoose={(weight) => {
            if (weight) onSet({ weight })
          }}
        />
      )
    case 'energy':
      return (
        <ScaleChooser
          {...shared}
          options={options(energies)}
          chosen={of.energy}
          none="none"
          onChoose={(energy) => onSet({ energy })}
        />
      )
    case 'contextIds':
      return <ContextChooser {...props} />
    case 'personIds':
      return <PeopleChooser {...props} />
    case 'waiting':
      return <WhomChooser {...props} />
    case 'shelf':
      return <ShelfChooser {...props} />
    case 'address':
      return <AddressChooser {...shared} address={of.address} onChoose={(address) => onSet({ address })} />
    default:
      return null
  }
}

function WaitingDay({
  title,
  anchor,
  waiting,
  isChase,
  onSet,
  onClose,
}: ChooserProps & { title: string; waiting: Waiting; isChase: boolean }) {
  return (
    <DayChooser
      title={title}
      anchor={anchor}
      onClose={onClose}
      past={!isChase}
      date={isChase ? waiting.chaseOn : waiting.since}
      none={isChase ? 'no chasing' : undefined}
      onChoose={(date) => {
        if (isChase) onSet({ waiting: { ...waiting, chaseOn: date } })
        else if (date) onSet({ waiting: { ...waiting, since: date } })
      }}
    />
  )
}

const toggled = <T,>(set: readonly T[], member: T): T[] =>
  set.includes(member) ? set.filter((other) => other !== member) : [...set, member]

function ContextChooser({ field, of, anchor, onSet, onClose }: ChooserProps) {
  const act = useAct()
  const contexts = useHeld((state) => select.contextsOf(state.document))
  const set = (id: Id<'context'>) => onSet({ contextIds: toggled(of.contextIds, id) })
  return (
    <NameChooser
      title={chooserWords[field]}
      anchor={anchor}
      onClose={onClose}
      options={contexts.map(({ id, name }) => ({ id, name, isChosen: of.contextIds.includes(id) }))}
      makes={[
        {
          says: (name) => `make “${name}” a context`,
          make: (name) => {
            const made = madeIn<'context'>(act('addContext', { name }, { say: false }))
            if (made) set(made)
          },
        },
      ]}
      onChoose={(id) => set(id as Id<'context'>)}
    />
  )
}

function PeopleChooser({ field, of, anchor, onSet, onClose }: ChooserProps) {
  const act = useAct()
  const people = useHeld((state) => select.peopleOf(state.document))
  const set = (id: Id<'person'>) => onSet({ personIds: toggled(of.personIds, id) })
  return (
    <NameChooser
      title={chooserWords[field]}
      anchor={anchor}
      onClose={onClose}
      options={people.map(({ id, name }) => ({ id, name, isChosen: of.personIds.includes(id) }))}
      makes={[
        {
          says: (name) => `make “${name}” a person`,
          make: (name) => {
            const made = madeIn<'person'>(act('addPerson', { name }, { say: false }))
            if (made) set(made)
          },
        },
      ]}
      onChoose={(id) => set(id as Id<'person'>)}
    />
  )
}

/** Whom or what it waits for: somebody known, somebody new, or whatever it is, in words. */
function WhomChooser({ field, of, anchor, onSet, onClose }: ChooserProps) {
  const act = useAct()
  const today = useToday()
  const people = useHeld((state) => select.peopleOf(state.document))
  const since = { since: of.waiting?.since ?? today, chaseOn: of.waiting?.chaseOn ?? null }
  const waitFor = (personId: Id<'person'>) =>
    onSet({
      waiting: { personId, whom: '', ...since },
      personIds: of.personIds.includes(personId) ? of.personIds : [...of.personIds, personId],
    })
  return (
    <NameChooser
      title={chooserWords[field]}
      anchor={anchor}
      onClose={onClose}
      none={
        of.waiting ? (
          <Button
            kind="quiet"
            label="nobody"
            onPress={() => {
              onSet({ waiting: null })
              onClose()
            }}
          />
        ) : null
      }
      options={people.map(({ id, name }) => ({ id, name, isChosen: of.waiting?.personId === id }))}
      makes={[
        {
          says: (whom) => `wait for “${whom}”`,
          make: (whom) => onSet({ waiting: { personId: null, whom, ...since } }),
        },
        {
          says: (name) => `make “${name}” a person, and wait for them`,
          make: (name) => {
            const made = madeIn<'person'>(act('addPerson', { name }, { say: false }))
            if (made) waitFor(made)
          },
        },
      ]}
      onChoose={(id) => waitFor(id as Id<'person'>)}
    />
  )
}

/** When something was last put on a project: the one being worked on is at hand. */
const lastUseOf = (document: Document, { id, createdAtEpochMs }: Project): number =>
  lists
    .actionsOfProject(document, id)
    .reduce((latest, action) => Math.max(latest, action.createdAtEpochMs), createdAtEpochMs)

function ShelfChooser({ of, ...rest }: ChooserProps) {
  const act = useAct()
  const document = useHeldDocument()
  const projects = select
    .projectsOf(document)
    .filter(({ id, state }) => select.isHeld(state) || id === of.projectId)
    .map((project) => ({ project, usedAt: lastUseOf(document, project) }))
    .sort((a, b) => b.usedAt - a.usedAt)
  const areas = select
    .areasOf(document)
    .filter(({ closedAtEpochMs, id }) => closedAtEpochMs === null || id === of.areaId)
  const put = (id: string | null) =>
    rest.onSet({
      projectId: id?.startsWith('project:') ? (id as Id<'project'>) : null,
      areaId: id?.startsWith('area:') ? (id as Id<'area'>) : null,
    })
  const choices: NamedOption[] = [
    ...projects.map(({ project }) => ({
      id: project.id,
      name: project.title,
      seal: select.areaOf(document, project) ?? null,
      isChosen: project.id === of.projectId,
    })),
    ...areas.map((area) => ({
      id: area.id,
      name: area.name,
      hint: 'area',
      seal: area,
      isChosen: area.id === of.areaId && of.projectId === null,
    })),
  ]
  return (
    <NameChooser
      title={chooserWords.shelf}
      anchor={rest.anchor}
      onClose={rest.onClose}
      none={
        of.projectId || of.areaId ? (
          <Button
            kind="quiet"
            label="no shelf"
            onPress={() => {
              put(null)
              rest.onClose()
            }}
          />
        ) : null
      }
      options={choices}
      makes={[
        {
          says: (title) => `make “${title}” a project`,
          make: (title) => put(madeIn<'project'>(act('addProject', { title }, { say: false }))),
        },
        {
          says: (name) => `make “${name}” an area`,
          make: (name) => put(madeIn<'area'>(act('addArea', { name, groupId: null }, { say: false }))),
        },
      ]}
      onChoose={put}
    />
  )
}

export function ProjectChooser({ field, of, anchor, onSet, onClose }: ProjectChooserProps) {
  const act = useAct()
  const document = useHeldDocument()
  const shared = { title: chooserWords[field], anchor, onClose }
  const areas = select
    .areasOf(document)
    .filter(({ closedAtEpochMs, id }) => closedAtEpochMs === null || id === of.areaId)
  const put = (areaId: Id<'area'> | null) => onSet({ areaId })
  switch (field) {
    case 'projectDue':
      return <DayChooser {...shared} date={of.due} none="no day" onChoose={(date) => onSet({ due: date })} />
    case 'state':
      return (
        <ScaleChooser
          {...shared}
          options={options(projectStates, stateWords)}
          chosen={of.state}
          onChoose={(state) => {
            if (state) onSet({ state })
          }}
        />
      )
    default:
      return (
        <NameChooser
          {...shared}
          none={
            of.areaId ? (
              <Button
                kind="quiet"
                label="no area"
                onPress={() => {
                  put(null)
                  onClose()
                }}
              />
            ) : null
          }
          options={areas.map((area) => ({
            id: area.id,
            name: area.name,
            seal: area,
            isChosen: area.id === of.areaId,
          }))}
          makes={[
            {
              says: (name) => `make “${name}” an area`,
              make: (name) => put(madeIn<'area'>(act('addArea', { name, groupId: null }, { say: false }))),
            },
          ]}
          onChoose={(id) => put(id as Id<'area'>)}
        />
      )
  }
}
