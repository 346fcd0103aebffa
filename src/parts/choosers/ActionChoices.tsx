// The choices an action is made of, each a line: the same while sorting and on the opened action.
import {
  energies,
  keptHorizons,
  weights,
  type Energy,
  type Horizon,
  type Id,
  type Weight,
} from '@/core/record'
import { readLength } from '@/core/sentence'
import { select } from '@/state'
import { Choice, Column, CommitField, DayField, Pull, Row, Words } from '@/ui'
import { horizonWords } from '@/words'
import { useHeld } from '@/held/zen'

const horizons = ['today', ...keptHorizons] as const
const lengths = [5, 10, 20, 30, 45, 60, 90, 120] as const

export const HorizonChoice = ({
  chosen,
  onChoose,
  shown,
}: {
  chosen: Horizon | null
  onChoose: (horizon: Horizon) => void
  shown?: boolean
}) => (
  <Choice
    label="Horizon"
    shown={shown}
    options={horizons.map((value) => ({ value, label: horizonWords[value] }))}
    chosen={chosen ? [chosen] : []}
    onToggle={onChoose}
  />
)

export const WeightChoice = ({
  chosen,
  onChoose,
}: {
  chosen: Weight | null
  onChoose: (weight: Weight) => void
}) => (
  <Choice
    label="Weight"
    options={weights.map((value) => ({ value, label: value }))}
    chosen={chosen ? [chosen] : []}
    onToggle={onChoose}
  />
)

export const EnergyChoice = ({
  chosen,
  onChoose,
}: {
  chosen: Energy | null
  onChoose: (energy: Energy | null) => void
}) => (
  <Choice
    label="Energy"
    options={energies.map((value) => ({ value, label: value }))}
    chosen={chosen ? [chosen] : []}
    onToggle={(value) => onChoose(value === chosen ? null : value)}
  />
)

export function ContextChoice({
  chosen,
  onToggle,
}: {
  chosen: readonly Id<'context'>[]
  onToggle: (ids: Id<'context'>[]) => void
}) {
  const contexts = useHeld((state) => select.contextsOf(state.document))
  if (contexts.length === 0) return null
  return (
    <Choice
      many
      label="Context"
      options={contexts.map(({ id, name }) => ({ value: id, label: name }))}
      chosen={chosen}
      onToggle={(id) =>
        onToggle(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id])
      }
    />
  )
}

export function PeopleChoice({
  chosen,
  onToggle,
}: {
  chosen: readonly Id<'person'>[]
  onToggle: (ids: Id<'person'>[]) => void
}) {
  const people = useHeld((state) => select.peopleOf(state.document))
  const free = people.filter(({ id }) => !chosen.includes(id))
  if (people.length === 0) return null
  return (
    <Row gap={8} flexWrap="wrap">
      <Words size="second" tone="inkSoft" width={76} flexShrink={0} aria-hidden>
        People
      </Words>
      {chosen.length > 0 ? (
        <Choice
          many
          shown={false}
          label="People"
          options={people
            .filter(({ id }) => chosen.includes(id))
            .map(({ id, name }) => ({ value: id, label: name }))}
          chosen={chosen}
          onToggle={(id) => onToggle(chosen.filter((other) => other !== id))}
        />
      ) : null}
      {free.length > 0 ? (
        <Pull
          label="Add a person"
          none="add…"
          value=""
          options={free.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={(id) => {
            if (id) onToggle([...chosen, id])
          }}
        />
      ) : null}
    </Row>
  )
}

/** The shelf it stands on: a project, or straight on an area. */
export function ShelfPull({
  projectId,
  areaId,
  onChoose,
}: {
  projectId: Id<'project'> | null
  areaId: Id<'area'> | null
  onChoose: (shelf: { projectId: Id<'project'> | null; areaId: Id<'area'> | null }) => void
}) {
  const projects = useHeld((state) => select.projectsOf(state.document))
  const areas = useHeld((state) => select.areasOf(state.document))
  const options = [
    ...projects
      .filter((project) => project.state === 'open' || project.state === 'notNow' || project.id === projectId)
      .map(({ id, title }) => ({ value: id as string, label: title })),
    ...areas
      .filter(({ closedAtEpochMs, id }) => closedAtEpochMs === null || id === areaId)
      .map(({ id, name }) => ({ value: id as string, label: `${name} (area)` })),
  ]
  return (
    <Row gap={8}>
      <Words size="second" tone="inkSoft" width={76} flexShrink={0} aria-hidden>
        Project
      </Words>
      <Pull
        label="Project"
        none="none"
        value={projectId ?? areaId ?? ''}
        options={options}
        onChoose={(id) =>
          onChoose({
            projectId: id.startsWith('project:') ? (id as Id<'project'>) : null,
            areaId: id.startsWith('area:') ? (id as Id<'area'>) : null,
          })
        }
      />
    </Row>
  )
}

export function MinutesChoice({
  minutes,
  onChoose,
}: {
  minutes: number | null
  onChoose: (minutes: number | null) => void
}) {
  const chosen = minutes === null ? [] : [String(minutes)]
  const other = minutes !== null && !lengths.includes(minutes as 5) ? String(minutes) : ''
  const take = (text: string) => {
    const said = text.trim().toLowerCase()
    const length = said === '' ? null : readLength(/^\d+$/.test(said) ? `${said} min` : said)
    if (length === null && said !== '') return 'A length such as 50, 1 h 30 or 2 hours.'
    onChoose(length)
    return null
  }
  return (
    <Column gap={6}>
      <Choice
        label="Minutes"
        options={lengths.map((value) => ({ value: String(value), label: String(value) }))}
        chosen={chosen}
        onToggle={(value) => onChoose(value === chosen[0] ? null : Number(value))}
      />
      <Row paddingLeft={84}>
        <Column width={110}>
          <CommitField
            label="Other minutes"
            placeholder="other"
            value={other}
            maxLength={20}
            onCommit={take}
          />
        </Column>
      </Row>
    </Column>
  )
}

/** A labelled line with a day, a time where wanted, and a way to clear it. */
export function WhenLine({
  label,
  date,
  time,
  onChange,
}: {
  label: string
  date: string
  time?: string
  onChange: (date: string, time: string) => void
}) {
  return (
    <Row gap={8} flexWrap="wrap">
      <Words size="second" tone="inkSoft" width={76} flexShrink={0} aria-hidden>
        {label}
      </Words>
      <DayField
        label={label}
        value={date}
        onChange={(next) => onChange(next, next === '' ? '' : (time ?? ''))}
      />
      {time === undefined || date === '' ? null : (
        <DayField
          kind="time"
          label={`${label}, time`}
          value={time}
          onChange={(next) => onChange(date, next)}
        />
      )}
    </Row>
  )
}
