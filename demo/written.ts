// What the demo has written down: checklists that were gone through, meeting notes with their check boxes. Day notes
// have the same name in every copy: the demo leaves them to the person.
import { recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import { stepsOf } from '@/state/read/ownedIndexes'
import type { NewFile } from '@/state'
import type { Play, Player } from './play'

interface Written {
  readonly play: Play
  readonly today: CalendarDate
  readonly projects: ReadonlyMap<string, Id<'project'>>
  /** The measurements that lie with the meeting note. */
  readonly table: NewFile
}

const personOf = (player: Player, name: string): Id<'person'>[] =>
  recordsIn(player.document(), 'person').flatMap((person) => (person.name === name ? [person.id] : []))

const visit = [
  'Meter set and calibrator',
  'Spare cells',
  'Long pole',
  'Foil for the door gaps',
  'Plan of the room, two copies',
  'Ask who holds the keys',
] as const
const market = ['Leeks', 'Bread from Quarry Lane', 'Lamp oil', 'Gaffer tape', 'Stamps'] as const

/** Goes through a checklist: what is named is ticked, and unless it is the last time it is started afresh. */
function goThrough(
  { play, today }: Written,
  id: () => Id<'checklist'> | null,
  times: readonly (readonly [daysAgo: number, left: readonly string[], isLast?: boolean])[],
): void {
  for (const [daysAgo, left, isLast] of times)
    play.at(addDays(today, -daysAgo), 1000, (player) => {
      const list = id()
      if (!list) return
      for (const step of stepsOf(player.document(), list))
        if (!left.includes(step.title)) player.run('tickStep', { id: step.id, done: true })
      if (!isLast) player.run('startAfresh', { id: list })
    })
}

function checklists(given: Written): void {
  const { play, today, projects } = given
  let forVisits: Id<'checklist'> | null = null
  let forMarket: Id<'checklist'> | null = null
  play.at(addDays(today, -40), 900, (player) => {
    const ownerId = projects.get('Mill school canteen quote') ?? null
    forVisits = player.run('addChecklist', { name: 'What a room visit takes', ownerId }) as Id<'checklist'>
    player.run('addSteps', { ownerId: forVisits, titles: visit })
    forMarket = player.run('addChecklist', { name: 'Saturday market' }) as Id<'checklist'>
    player.run('addSteps', { ownerId: forMarket, titles: market })
  })
  goThrough(given, () => forVisits, [
    [30, []],
    [12, ['Foil for the door gaps']],
  ])
  goThrough(given, () => forMarket, [
    [25, []],
    [18, ['Lamp oil']],
    [11, []],
    [1, ['Lamp oil', 'Stamps', 'Gaffer tape'], true],
  ])
}

const call = `## The hatch

Kofi can build it in **larch**, 40 mm, with a rubber seat. He needs three weeks from the drawing.

- [ ] send Kofi the width of the counter by friday 10 min
- [x] ask if the hatch may close by itself
- [ ] find out who pays the fire stop

| hatch | shut | open |
| --- | --- | --- |
| as it is | 18 dB | 4 dB |
| larch, seat | 31 dB | 4 dB |

> The caretaker says the kitchen is loudest at half past eleven.
`

function meetingNotes({ play, today, projects, table }: Written): void {
  play.at(addDays(today, -1), 985, (player) => {
    const projectId = projects.get('Mill school canteen quote') ?? null
    const id = player.run('addMeetingNote', {
      title: 'Call with Kofi about the hatch',
      personIds: personOf(player, 'Kofi'),
      projectId,
      note: call,
    }) as Id<'note'>
    player.run('addFiles', { ownerId: id, files: [table] })
    player.run('makeActionsOfLines', {
      id,
      lines: [
        {
          at: 4,
          written: 'send Kofi the width of the counter by friday 10 min',
          fields: player.read('Send Kofi the width of the counter by friday, 10 min'),
        },
      ],
    })
  })
}

const round = `The loft is quieter than it looks: 24 dB at noon, with the mill running.

- [x] tell Bettina about the stair
- [ ] look for the old lease
- [ ] borrow Wim’s drying rack for the foam
`

function earlierMeetingNote({ play, today, projects }: Written): void {
  play.at(addDays(today, -6), 1080, (player) =>
    player.run('addMeetingNote', {
      title: 'Round the mill loft with Bettina',
      personIds: personOf(player, 'Bettina'),
      projectId: projects.get('Move the studio to the mill loft') ?? null,
      note: round,
    }),
  )
}

function ofPeople({ play, today }: Written): void {
  play.at(addDays(today, -20), 1010, (player) => {
    const [id] = personOf(player, 'Oda')
    if (id)
      player.run('writeNote', {
        id,
        note: 'Tile maker. Best reached before ten, at the kiln after that.\n\n- [ ] ask about the glaze that does not ring\n',
      })
  })
}

export function writeDown(given: Written): void {
  checklists(given)
  meetingNotes(given)
  earlierMeetingNote(given)
  ofPeople(given)
}
