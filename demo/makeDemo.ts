// Three months of a made-up practice, seen from a given day: always the same for the same day, zone and minute.
import { isOpen } from '@/core/action'
import { recordsIn, type Change, type Document } from '@/core/journal'
import { type Action, type Id } from '@/core/record'
import { reviewFiguresOf } from '@/core/review'
import { makeRandom, type Random } from '@/core/random'
import { addDays, daysBetween, weekdayOf, type CalendarDate } from '@/core/time'
import { minutesDoneIn } from '@/state/read/ownedIndexes'
import { actionsOf, projectsOf } from '@/state/read/selectors'
import { makeEnquiries } from './enquiries'
import { makeTemplates } from './templates'
import { lookAhead } from './ahead'
import { setAims } from './aims'
import { carryParts } from './carried'
import { knowPeople } from './known'
import { hatchTable } from './demoFiles'
import { patterns, rooms, slips } from './pastWork'
import { makePlay, type Play, type Player } from './play'
import { contexts, groups, loose, people, projects, references, someday, waiting } from './practice'
import { readCalendars } from './calendars'
import { makeLenses } from './lenses'
import { writeDown } from './written'

export interface DemoStart {
  readonly today: CalendarDate
  readonly zone: string
  readonly nowEpochMs: number
}

const days = 90
/** Done per day, Monday to Sunday: about 400 in ninety days. */
const donePerDay = [6, 6, 5, 6, 5, 2, 1] as const

interface Scene {
  readonly play: Play
  readonly random: Random
  readonly today: CalendarDate
  readonly zone: string
  readonly areas: Map<string, Id<'area'>>
  readonly projects: Map<string, Id<'project'>>
}

const pickFrom = <T>(random: Random, items: readonly T[]): T =>
  items[Math.floor(random() * items.length)] as T
/** A minute of the working day, thicker in the morning. */
const workMinute = (random: Random): number => 500 + Math.floor(Math.pow(random(), 1.3) * 560)

function furnish({ play, today, areas, projects: made }: Scene): void {
  const first = addDays(today, -days)
  play.at(first, 480, (player) => {
    for (const name of contexts) player.run('addContext', { name })
    for (const name of people) player.run('addPerson', { name })
    for (const group of groups) {
      const groupId = player.run('addGroup', { name: group.name, side: group.side }) as Id<'group'>
      for (const [name, letters, ink] of group.areas)
        areas.set(name, player.run('addArea', { name, groupId, letters, ink }) as Id<'area'>)
    }
  })
  projects.forEach((project, index) =>
    play.at(addDays(first, Math.floor(index / 3)), 500 + index, (player) => {
      const id = player.run('addProject', {
        title: project.title,
        outcome: project.outcome,
        areaId: areas.get(project.area) ?? null,
        due: project.due === undefined ? null : addDays(today, project.due),
      }) as Id<'project'>
      made.set(project.title, id)
      if (project.state) player.run('setProjectState', { id, state: project.state })
    }),
  )
}

/** Sets a sentence down and sorts it a while later; calls back with the action's id. */
function setDownAndSort(
  scene: Scene,
  sentence: string,
  day: CalendarDate,
  minute: number,
  extra: (player: Player) => object,
  then?: (player: Player, id: Id<'action'>) => void,
): void {
  let slipId: Id<'slip'> | null = null
  scene.play.at(day, minute, (player) => {
    slipId = player.run('setDown', { text: sentence }) as Id<'slip'>
  })
  scene.play.at(day, minute + 35, (player) => {
    if (!slipId) return
    player.run('sortAsAction', { slipId, fields: { ...player.read(sentence), ...extra(player) } })
    const action = recordsIn(player.document(), 'action').find((candidate) => candidate.slipId === slipId)
    if (action) then?.(player, action.id)
  })
}

function workThePast(scene: Scene): void {
  const { play, random, today } = scene
  for (let ago = days - 1; ago >= 0; ago--) {
    const day = addDays(today, -ago)
    const count = ago === 0 ? 2 : (donePerDay[weekdayOf(day)] as number) + (random() < 0.2 ? 1 : 0)
    for (let index = 0; index < count; index++) {
      const [area, pattern] = pickFrom(random, patterns)
      const sentence = pattern
        .replace('{room}', pickFrom(random, rooms))
        .replace('{person}', pickFrom(random, people))
      const doneAt = ago === 0 ? 488 + index * 20 : workMinute(random)
      const early = Math.min(days - ago, 1 + Math.floor(random() * 5))
      const moved = random() < 0.15 && ago > 0
      const setDownAt = workMinute(random)
      // The first days are left to what was done for the hall (ahead.ts).
      if (ago > days - 4) continue
      let made: Id<'action'> | null = null
      setDownAndSort(
        scene,
        sentence,
        addDays(day, -early),
        setDownAt,
        () => ({ areaId: scene.areas.get(area) ?? null, projectId: null }),
        (player, id) => {
          made = id
          player.run('moveTo', { id, day: moved ? addDays(day, -1) : day })
        },
      )
      if (moved)
        play.at(addDays(day, -1), 1090, (player) => {
          if (made) player.run('moveTo', { id: made, day })
        })
      play.at(day, doneAt, (player) => {
        if (made) player.run('tick', { id: made })
      })
    }
  }
}

function openWork(scene: Scene): void {
  const { play, random, today } = scene
  for (const project of projects) {
    // In the order in which they are to be done.
    const moments = project.actions
      .map(() => [addDays(today, -3 - Math.floor(random() * 45)), workMinute(random)] as const)
      .sort(([a, minute], [b, other]) => daysBetween(b, a) || minute - other)
    project.actions.forEach((sentence, at) => {
      const [day, minute] = moments[at] as (typeof moments)[number]
      setDownAndSort(scene, sentence, day, minute, () => ({
        projectId: scene.projects.get(project.title) ?? null,
        areaId: null,
      }))
    })
  }
  for (const [area, sentence] of loose)
    setDownAndSort(
      scene,
      sentence,
      addDays(today, -2 - Math.floor(random() * 20)),
      workMinute(random),
      () => ({ areaId: scene.areas.get(area) ?? null }),
    )
  someday.forEach((title, index) =>
    play.at(addDays(today, -80 + index * 6), 1180, (player) =>
      player.run('addAction', { title, horizon: 'someday', weight: 'could' }),
    ),
  )
  for (const [who, what, daysAgo, chaseIn, project] of waiting)
    play.at(addDays(today, -daysAgo), 640, (player) => {
      const person = recordsIn(player.document(), 'person').find(({ name }) => name === who)
      const id = player.run('addAction', {
        title: what,
        projectId: project ? (scene.projects.get(project) ?? null) : null,
        personIds: person ? [person.id] : [],
      }) as Id<'action'>
      player.run('setWaiting', {
        id,
        waiting: {
          personId: person?.id ?? null,
          whom: person ? '' : who,
          since: addDays(today, -daysAgo),
          chaseOn: addDays(today, chaseIn),
          how: '',
          toSignOff: false,
        },
      })
    })
  for (const [title, area] of references)
    play.at(addDays(today, -30), 700, (player) => {
      const slipId = player.run('setDown', { text: title }) as Id<'slip'>
      player.run('sortAsReference', { slipId, title, link: null, areaId: scene.areas.get(area) ?? null })
    })
}

/** What lies on the days around today: [title begins with, act]. */
function layOutTheDay({ play, today }: Scene): void {
  const find = (player: Player, title: string): Action | undefined =>
    recordsIn(player.document(), 'action').find((action) => isOpen(action) && action.title.startsWith(title))
  const on = (
    daysAway: number,
    minute: number,
    title: string,
    act: (player: Player, action: Action) => void,
  ) =>
    play.at(addDays(today, daysAway), minute, (player) => {
      const action = find(player, title)
      if (action) act(player, action)
    })
  const due = (title: string, inDays: number, time: string | null) =>
    on(-1, 1000, title, (player, { id }) =>
      player.run('editAction', { id, patch: { due: { date: addDays(today, inDays), time: time as never } } }),
    )
  const lay = (title: string, inDays: number) =>
    on(-1, 1010, title, (player, { id }) => player.run('moveTo', { id, day: addDays(today, inDays) }))

  on(-3, 900, 'Send the February mileage', (player, { id }) =>
    player.run('moveTo', { id, day: addDays(today, -2) }),
  )
  on(-2, 1075, 'Send the February mileage', (player, { id }) =>
    player.run('moveTo', { id, day: addDays(today, -1) }),
  )
  on(-2, 1080, 'Find the fan’s data sheet', (player, { id }) =>
    player.run('moveTo', { id, day: addDays(today, -1) }),
  )
  due('Sign off the Fenwick Hall draft', 0, '17:00')
  due('Order spare microphone cells', 0, null)
  due('Bring the meter set', 2, null)
  due('Ring the neighbour', 1, '12:00')
  due('Answer the tax office', 4, null)
  due('Sign the school trip form', 3, null)
  on(-2, 560, 'Read the bakery’s night readings', (player, { id }) => player.run('start', { id }))
  lay('Sketch the caretakers’ hand-out', 0)
  lay('Oil the kitchen door', 0)
  lay('Take photos of the hall ceiling', 1)
  lay('Compare the two absorber quotes', 1)
  lay('Calculate the door’s', 1)
  lay('Check the reference tone', 2)
  lay('Call Nan', 4)
  lay('Draw the echo paths', 2)
  lay('Fix the tripod foot', 3)
  on(-1, 1020, 'Measure the canteen', (player, { id }) =>
    player.run('editAction', { id, patch: { at: { date: addDays(today, 1), time: '12:15' as never } } }),
  )
  for (const [title, daysAgo] of [
    ['List the meters with their values', 0],
    ['Ask three carriers about the piano', 1],
  ] as const)
    on(-12, 1035, title, (player, { id }) =>
      player.run('editAction', { id, patch: { notBefore: addDays(today, -daysAgo) } }),
    )
  on(-1, 1030, 'Renew the parking permit', (player, { id }) =>
    player.run('editAction', { id, patch: { notBefore: addDays(today, 19) } }),
  )
}

function reviews({ play, today, zone }: Scene): void {
  const aims = [
    ['Fenwick draft out', 'Meters calibrated'],
    ['Bakery readings done'],
    ['Two evenings without the desk', 'Canteen measured'],
    ['Quarter receipts sorted'],
  ]
  for (let ago = days; ago > 0; ago--) {
    const day = addDays(today, -ago)
    if (weekdayOf(day) !== 4) continue
    play.at(day, 960, (player) => {
      const id = player.run('startReview', {}) as Id<'review'>
      for (const stone of ['projects', 'waiting', 'done', 'aims'] as const)
        player.run('stepTo', { id, stone, done: true })
      const [firstAim = '', secondAim = ''] = aims[Math.floor(ago / 7) % aims.length] ?? []
      player.run('setAims', { id, firstAim, secondAim })
      const document = player.document()
      const figures = reviewFiguresOf(
        {
          slipCount: recordsIn(document, 'slip').length,
          projects: projectsOf(document),
          actions: actionsOf(document),
          minutesDone: (done) => minutesDoneIn(document, done),
        },
        day,
        zone,
      )
      player.run('finishReview', { id, figures })
    })
  }
}

/** The document and its whole journal. Deterministic. */
export function makeDemo({ today, zone, nowEpochMs }: DemoStart): {
  document: Document
  changes: readonly Change[]
} {
  const scene: Scene = {
    play: makePlay({ zone, nowEpochMs }),
    random: makeRandom(20_260_311),
    today,
    zone,
    areas: new Map(),
    projects: new Map(),
  }
  furnish(scene)
  setAims(scene)
  lookAhead(scene)
  makeEnquiries(scene)
  makeTemplates(scene)
  workThePast(scene)
  openWork(scene)
  layOutTheDay(scene)
  carryParts(scene)
  knowPeople(scene.play, scene.today)
  writeDown({ ...scene, table: hatchTable.file })
  readCalendars(scene.play, scene.today)
  makeLenses(scene)
  reviews(scene)
  slips.forEach(([sentence, daysAgo, minute, more]) =>
    scene.play.at(addDays(today, -daysAgo), minute, (player) =>
      player.run('setDown', { text: sentence, ...more }),
    ),
  )
  scene.play.perform()
  return { document: scene.play.document(), changes: scene.play.changes }
}
