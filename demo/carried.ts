// What the actions of the demo carry: steps, repeats that were kept and missed, reminders, remarks, somebody to sign
// off, one thing after another.
import { isOpen, seriesNameOf } from '@/core/action'
import { recordsIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import type { Play, Player } from './play'

interface Carried {
  readonly play: Play
  readonly today: CalendarDate
  readonly areas: ReadonlyMap<string, Id<'area'>>
}

const openActions = (player: Player): Action[] => recordsIn(player.document(), 'action').filter(isOpen)
const find = (player: Player, title: string): Action | undefined =>
  openActions(player).find((action) => action.title.startsWith(title))

/** Makes something that comes back, and ticks or skips it on the days that are given; on the others it is missed. */
function comesBack(
  { play, today, areas }: Carried,
  sentence: string,
  { since, area, watched }: { since: number; area: string; watched: boolean },
  acts: readonly (readonly [daysAgo: number, minute: number, act: 'tick' | 'skipTurn'])[],
): void {
  let first: Id<'action'> | null = null
  play.at(addDays(today, -since), 430, (player) => {
    const fields = { ...player.read(sentence), areaId: areas.get(area) ?? null }
    first = player.run('addAction', fields) as Id<'action'>
    if (watched) player.run('watch', { id: first, watched })
  })
  for (const [daysAgo, minute, act] of acts)
    play.at(addDays(today, -daysAgo), minute, (player) => {
      const standing = openActions(player).find(
        ({ id }) => first !== null && seriesNameOf(id) === seriesNameOf(first),
      )
      if (standing) player.run(act, { id: standing.id })
    })
}

/** The day of the month that comes in nine days, and that every month has: "20th". */
function monthly(today: CalendarDate): string {
  const day = Math.min(28, Number(addDays(today, 9).slice(8)))
  const ending = ['st', 'nd', 'rd'][(day > 20 ? day % 10 : day) - 1] ?? 'th'
  return `${day}${ending}`
}

const missed = new Set([4, 11, 12, 19])
/** Every morning of nearly four weeks but those, and left out once on purpose. */
const mornings: readonly (readonly [number, number, 'tick' | 'skipTurn'])[] = Array.from(
  { length: 26 },
  (_, index) => 26 - index,
)
  .filter((daysAgo) => !missed.has(daysAgo))
  .map((daysAgo) => [daysAgo, 440 + ((daysAgo * 7) % 40), daysAgo === 8 ? 'skipTurn' : 'tick'])

const stepsOf: readonly (readonly [title: string, steps: readonly (readonly [string, number])[]])[] = [
  [
    'Measure the canteen',
    [
      ['Meter set', 0],
      ['calibrator', 1],
      ['spare cells', 1],
      ['wind shield', 1],
      ['Tripod and the long pole', 0],
      ['Plan of the room, two copies', 0],
      ['Ask for the kitchen fans to be off at half past', 0],
    ],
  ],
  [
    'Order spare microphone cells',
    [
      ['Twelve cells', 0],
      ['Silicone grease', 0],
      ['Labels', 0],
    ],
  ],
]

const remarks: readonly (readonly [title: string, daysAgo: number, text: string])[] = [
  ['Waiting for Kofi’s drawing', 6, 'He needs the width of the hatch; sent it by post.'],
  ['Waiting for Kofi’s drawing', 1, 'Rang, not in. The workshop says Thursday.'],
]

export function carryParts(given: Carried): void {
  const { play, today } = given
  comesBack(
    given,
    'Walk once round the mill pond, every day, 15 min',
    { since: 27, area: 'House', watched: true },
    [...mornings, [0, 445, 'tick']],
  )
  comesBack(
    given,
    `Send Perrin the month’s figures, every month on the ${monthly(today)}, 40 min, desk, must, remind me the day before at 9`,
    { since: 82, area: 'Office', watched: false },
    [
      [49, 700, 'tick'],
      [18, 610, 'tick'],
    ],
  )
  for (const [title, lines] of stepsOf)
    play.at(addDays(today, -2), 1090, (player) => {
      const ownerId = find(player, title)?.id
      if (!ownerId) return
      const place = { underId: null, afterId: null }
      player.run('laySteps', {
        ownerId,
        lines: lines.map(([step, depth]) => ({ title: step, depth })),
        place,
      })
    })
  play.at(addDays(today, -1), 1095, (player) => {
    const done = recordsIn(player.document(), 'step').find(({ title }) => title === 'Labels')
    if (done) player.run('tickStep', { id: done.id, done: true })
  })
  for (const [title, daysAgo, text] of remarks)
    play.at(addDays(today, -daysAgo), 660, (player) => {
      const ownerId = find(player, title)?.id
      if (ownerId) player.run('addRemark', { ownerId, text })
    })
  play.at(addDays(today, -1), 1040, (player) => {
    const neighbour = find(player, 'Ring the neighbour')
    if (neighbour)
      player.run('addReminder', { id: neighbour.id, when: { kind: 'minutesBefore', minutes: 60 } })
    const [quotes, door] = [
      find(player, 'Compare the two absorber quotes'),
      find(player, 'Oil the kitchen door'),
    ]
    const held = find(player, 'Order one sample of the felt baffle')
    if (quotes && held) player.run('blockAction', { id: held.id, afterId: quotes.id })
    if (door) player.run('editAction', { id: door.id, patch: { payoff: 'little', craft: 'little' } })
    const draft = find(player, 'Sign off the Fenwick Hall draft')
    if (draft) player.run('editAction', { id: draft.id, patch: { payoff: 'much', craft: 'much' } })
  })
  play.at(addDays(today, -4), 1030, (player) => {
    const oda = recordsIn(player.document(), 'person').find(({ name }) => name.startsWith('Oda'))
    const id = player.run('addAction', {
      title: 'The caretakers’ slides',
      areaId: given.areas.get('Teaching') ?? null,
    }) as Id<'action'>
    player.run('setWaiting', {
      id,
      waiting: {
        personId: oda?.id ?? null,
        whom: oda ? '' : 'Oda',
        since: addDays(today, -4),
        chaseOn: addDays(today, 1),
        how: '',
        toSignOff: true,
      },
    })
  })
}
