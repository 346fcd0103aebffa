// What lies ahead: when projects begin, what comes after what, the parts of a large one, and what was done for a hall
// week by week.
import type { Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import type { Play } from './play'

interface Made {
  readonly play: Play
  readonly today: CalendarDate
  readonly projects: ReadonlyMap<string, Id<'project'>>
}

const hall = 'Fenwick Hall echo report'
const move = 'Move the studio to the mill loft'

/** [title, minutes, days ago] */
const doneForTheHall: readonly (readonly [title: string, minutes: number, daysAgo: number])[] = [
  ['Walk through Fenwick Hall with Perrin', 60, 52],
  ['Find the old drawings of the hall', 30, 47],
  ['Set up the sources on the stage', 75, 41],
  ['Measure the decay in forty seats', 90, 40],
  ['Compare the balcony with the stalls', 45, 33],
  ['Model the ceiling as it is', 60, 27],
  ['Model the ceiling with felt', 60, 20],
  ['Write what the trustees asked', 25, 16],
  ['Draft pages one to eight', 120, 12],
  ['Sketch the two ceilings', 40, 6],
]

/** [project, begins in days] */
const begin: readonly (readonly [project: string, inDays: number])[] = [
  ['Mill school canteen quote', -6],
  ['Quarry Lane bakery noise case', -20],
  ['Alder Street library reading room', 12],
  ['Larch House clinic speech privacy', 5],
  ['St Brannoc’s chapel organ loft', 20],
  ['Harbour studio control room', 44],
  ['Caretakers’ workshop in April', 10],
  [move, 30],
]

/** [project, the one before it] */
const after: readonly (readonly [project: string, before: string])[] = [
  ['Harbour studio control room', 'Alder Street library reading room'],
]

/** Parts of the move: [title, begins in days, due in days, after which part, its next action]. */
const parts: readonly (readonly [
  title: string,
  begins: number,
  due: number,
  after: string | null,
  next: string,
])[] = [
  ['The lease', 30, 62, null, 'Go through it with Bettina, desk, 40 min'],
  ['The floor and the door', 65, 110, 'The lease', 'Ask two joiners for a price, phone, 20 min'],
  ['Moving day', 118, 150, 'The floor and the door', 'List what goes in the first van, desk, 30 min'],
]

export function lookAhead({ play, today, projects }: Made): void {
  const known = (title: string) => projects.get(title) ?? 'project:none'
  for (const [title, minutes, daysAgo] of doneForTheHall) {
    let made: Id<'action'> | null = null
    play.at(addDays(today, -daysAgo - 2), 700, (player) => {
      made = player.run('addAction', { title, minutes, projectId: known(hall) }) as Id<'action'>
    })
    play.at(addDays(today, -daysAgo), 990, (player) => {
      if (made) player.run('tick', { id: made })
    })
  }
  play.at(addDays(today, -5), 1000, (player) => {
    for (const [title, inDays] of begin)
      player.run('editProject', { id: known(title), patch: { begins: addDays(today, inDays) } })
    for (const [title, before] of after)
      player.run('blockProject', { id: known(title), afterId: known(before) })
    const partIds = new Map<string, Id<'project'>>()
    for (const [title, begins, due, before, next] of parts) {
      const id = player.run('addProject', {
        title,
        parentId: known(move),
        due: addDays(today, due),
      }) as Id<'project'>
      partIds.set(title, id)
      player.run('editProject', { id, patch: { begins: addDays(today, begins) } })
      const afterId = before ? partIds.get(before) : undefined
      if (afterId) player.run('blockProject', { id, afterId })
      player.run('addAction', { ...player.read(next), projectId: id, areaId: null })
    }
  })
}
