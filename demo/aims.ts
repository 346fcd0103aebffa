// What the made-up practice is for: two goals, what points at them, and projects whose actions come one after the
// other.
import { recordsIn } from '@/core/journal'
import type { GoalReach, Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import type { Play } from './play'

interface Made {
  readonly play: Play
  readonly today: CalendarDate
  readonly areas: ReadonlyMap<string, Id<'area'>>
  readonly projects: ReadonlyMap<string, Id<'project'>>
}

const goals: readonly {
  readonly title: string
  readonly why: string
  readonly reach: GoalReach
  readonly everyWeeks: number
  readonly areas: readonly string[]
  readonly projects: readonly string[]
  readonly stands: readonly [text: string, daysAgo: number][]
}[] = [
  {
    title: 'Three halls a year',
    why: 'Halls pay for the small rooms, which can then be chosen for their own sake. And they are heard by many.',
    reach: 'near',
    everyWeeks: 4,
    areas: ['Client rooms'],
    projects: ['Fenwick Hall echo report', 'Tollgate theatre foyer'],
    stands: [
      ['One hall under way, one asked for. The third has to come from people who heard the first two.', 61],
      ['The foyer has a date. Fenwick Hall is nearly written.', 31],
    ],
  },
  {
    title: 'Teaching is a third of the week',
    why: 'What is known about rooms should not end with me.',
    reach: 'far',
    everyWeeks: 13,
    areas: ['Teaching'],
    projects: [],
    stands: [['Two courses and a lecture stand in the year. It is a tenth so far.', 40]],
  },
]

const inOrder = ['Evening class on listening', 'Recalibrate the meter set']
const withPeople: readonly (readonly [project: string, person: string])[] = [
  ['Caretakers’ workshop in April', 'Oda'],
  ['Fenwick Hall echo report', 'Perrin'],
]

export function setAims({ play, today, areas, projects }: Made): void {
  const known = (title: string) => projects.get(title) ?? 'project:none'
  play.at(addDays(today, -80), 1100, (player) => {
    for (const goal of goals) {
      const id = player.run('addGoal', { title: goal.title, reach: goal.reach }) as Id<'goal'>
      player.run('editGoal', { id, patch: { note: goal.why, everyWeeks: goal.everyWeeks } })
      const pointing = [
        ...goal.areas.map((name) => areas.get(name) ?? 'area:none'),
        ...goal.projects.map(known),
      ]
      for (const each of pointing)
        player.run('pointAt', { id: each as Id<'project'>, goalId: id, points: true })
      for (const [text, daysAgo] of goal.stands)
        player.run('addRemark', { ownerId: id, text, date: addDays(today, -daysAgo) })
    }
    for (const title of inOrder)
      player.run('setInOrder', { id: known(title) as Id<'project'>, inOrder: true })
    for (const [title, name] of withPeople) {
      const person = recordsIn(player.document(), 'person').find((each) => each.name === name)
      if (person)
        player.run('editProject', { id: known(title) as Id<'project'>, patch: { personIds: [person.id] } })
    }
  })
}
