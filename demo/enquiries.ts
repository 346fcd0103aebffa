// The enquiries of the made-up practice: each a small project that goes from the first call to an answer.
import { recordsIn } from '@/core/journal'
import type { Ending, Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import type { Play } from './play'

const stages = ['First call', 'Visit', 'Offer out', 'Answer'] as const
type Step = readonly [stage: number, daysAgo: number]

interface Enquiry {
  readonly title: string
  readonly outcome: string
  readonly soThat?: string
  /** When it came to stand where; the first says when it came. */
  readonly way: readonly Step[]
  readonly next?: string
  readonly note?: string
  readonly ended?: readonly [ending: Ending, daysAgo: number, reason: string]
}

const enquiries: readonly Enquiry[] = [
  {
    title: 'Linden Court dining room',
    outcome: 'The house has an offer it can put before its board',
    soThat: 'forty people can hear one another at lunch',
    way: [[0, 2]],
    next: 'Ring the house warden about a quiet hour, phone, 15 min',
  },
  {
    title: 'Ferry house rehearsal cellar',
    outcome: 'The band knows what the cellar can be',
    way: [[0, 6]],
    next: 'Ask the drummer how loud the cellar is, phone, 10 min, light',
  },
  {
    title: 'Mill school music room',
    outcome: 'The school knows what its music room costs to mend',
    soThat: 'two classes can play at once',
    way: [
      [0, 24],
      [1, 9],
    ],
    next: 'Measure the music room of the mill school, on site, 90 min, deep',
    note: 'The caretaker has the key on Tuesdays.',
  },
  {
    title: 'Two chapels in Harrow Vale',
    outcome: 'Both parishes have one offer between them',
    way: [
      [0, 41],
      [1, 30],
      [2, 12],
    ],
    next: 'Ask the parish office how the offer was read, phone, 10 min',
  },
  {
    title: 'Quiet room for the dispatchers',
    outcome: 'The depot has an offer for the quiet room',
    way: [
      [0, 33],
      [1, 20],
      [2, 4],
    ],
    next: 'Send the two drawings after the offer, desk, 25 min',
  },
  {
    title: 'Weir Lane studio flat',
    outcome: 'The landlord says yes or no',
    way: [
      [0, 47],
      [1, 38],
      [2, 26],
      [3, 8],
    ],
    next: 'Write to the landlord once more, desk, 10 min, light',
  },
  {
    title: 'Council chamber, Elmstead',
    outcome: 'The council has decided',
    way: [
      [0, 80],
      [1, 71],
      [2, 60],
      [3, 55],
    ],
    ended: ['won', 48, ''],
  },
  {
    title: 'Bakery on Quarry Lane',
    outcome: 'The baker has an answer',
    way: [
      [0, 78],
      [1, 75],
      [2, 69],
    ],
    ended: ['won', 66, ''],
  },
  {
    title: 'Tollgate theatre',
    outcome: 'The theatre has decided',
    way: [
      [0, 70],
      [1, 58],
      [2, 50],
      [3, 44],
    ],
    ended: ['won', 39, ''],
  },
  {
    title: 'Open office by the canal',
    outcome: 'The firm has an offer',
    way: [
      [0, 66],
      [1, 52],
      [2, 45],
    ],
    ended: ['notWon', 31, 'They took carpet from the firm that lays it.'],
  },
  {
    title: 'Brass band hall, Nether Poole',
    outcome: 'The band knows the price',
    way: [
      [0, 59],
      [1, 40],
    ],
    ended: ['parked', 22, 'The roof comes first. Ask again in autumn.'],
  },
]

interface Made {
  readonly play: Play
  readonly today: CalendarDate
  readonly areas: Map<string, Id<'area'>>
}

export function makeEnquiries({ play, today, areas }: Made): void {
  const made = new Map<string, Id<'project'>>()
  const stageIds: Id<'stage'>[] = []
  play.at(addDays(today, -88), 520, (player) => {
    const practice = recordsIn(player.document(), 'group').find(({ name }) => name === 'Practice')
    const groupId = practice?.id ?? null
    const areaId = player.run('addArea', { name: 'Enquiries', groupId, letters: 'En', ink: 8 }) as Id<'area'>
    areas.set('Enquiries', areaId)
    for (const name of stages) stageIds.push(player.run('addStage', { ownerId: areaId, name }) as Id<'stage'>)
    player.run('editStage', { id: stageIds[1] as Id<'stage'>, patch: { limit: 2 } })
    player.run('editArea', { id: areaId, patch: { everyWeeks: 1 } })
  })
  play.at(addDays(today, -6), 960, (player) => {
    const id = areas.get('Enquiries')
    if (id) player.run('editArea', { id, patch: { lookedOn: player.today } })
  })
  enquiries.forEach(({ title, outcome, soThat, way, next, note, ended }, index) => {
    way.forEach(([stage, daysAgo], at) =>
      play.at(addDays(today, -daysAgo), 560 + index * 7, (player) => {
        const id = made.get(title)
        if (at > 0) return void (id && player.run('standIn', { id, stageId: stageIds[stage] ?? null }))
        const areaId = areas.get('Enquiries') ?? null
        const fresh = player.run('addProject', { title, outcome, areaId }) as Id<'project'>
        made.set(title, fresh)
        if (soThat) player.run('editProject', { id: fresh, patch: { soThat } })
        if (note) player.run('addRemark', { ownerId: fresh, text: note, date: player.today })
        if (next) player.run('addAction', { ...player.read(next), projectId: fresh, areaId: null })
      }),
    )
    if (!ended) return
    const [ending, daysAgo, reason] = ended
    play.at(addDays(today, -daysAgo), 900, (player) => {
      const id = made.get(title)
      if (!id) return
      player.run('endProject', { id, ending })
      if (reason) player.run('editProject', { id, patch: { endReason: reason } })
    })
  })
}
