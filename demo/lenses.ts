// The lenses that the demo's person has made: lists of a life between rooms, instruments and a choir.
import { recordsIn } from '@/core/journal'
import { emptyLens, type Condition, type Lens } from '@/core/lens'
import { state as isState, choice as oneOfThem } from '@/core/lens/asking'
import type { Id, LensRecord } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import type { Play, Player } from './play'

interface Made {
  readonly play: Play
  readonly today: CalendarDate
  readonly projects: ReadonlyMap<string, Id<'project'>>
}

const idOf = (player: Player, kind: 'context' | 'person' | 'area' | 'group', name: string): string =>
  recordsIn(player.document(), kind).find((record) => record.name === name)?.id ?? `${kind}:none`

const upTo = (minutes: number): Condition => ({ kind: 'minutes', from: null, to: minutes })
const due = (span: Extract<Condition, { kind: 'date' }>['span']): Condition => ({
  kind: 'date',
  field: 'due',
  span,
  not: false,
})

type Face = Partial<Pick<LensRecord, 'view' | 'columnsBy' | 'limits' | 'shows'>>
type Asked = readonly [name: string, letters: string, onStrip: boolean, lens: Partial<Lens>, face?: Face]

function asked(player: Player, projects: Made['projects']): readonly Asked[] {
  const hall = projects.get('Fenwick Hall echo report') ?? 'project:none'
  return [
    [
      'On site, with the van',
      'Va',
      true,
      {
        conditions: [
          isState('ready'),
          oneOfThem('context', idOf(player, 'context', 'On site'), idOf(player, 'context', 'Errands')),
        ],
        groups: ['project'],
        sorts: [
          { by: 'due', down: false },
          { by: 'minutes', down: true },
        ],
      },
    ],
    [
      'Calls in one go',
      'Ca',
      false,
      {
        conditions: [isState('ready'), oneOfThem('context', idOf(player, 'context', 'Phone')), upTo(30)],
        groups: ['person'],
        sorts: [{ by: 'weight', down: false }],
      },
    ],
    [
      'Fenwick Hall to the end',
      'Fe',
      false,
      {
        conditions: [oneOfThem('project', hall)],
        bands: [{ name: 'Now', where: isState('ready') }],
        sorts: [{ by: 'due', down: false }],
        done: 'sunk',
      },
    ],
    [
      'Evenings at home',
      'Ev',
      false,
      {
        conditions: [
          isState('ready'),
          oneOfThem('side', 'private'),
          oneOfThem('energy', 'light', 'plain', ''),
        ],
        groups: ['area', 'weight'],
        sorts: [{ by: 'minutes', down: false }],
      },
      {
        view: 'columns',
        columnsBy: 'weight',
        limits: { 'weight must': 5 },
        shows: { minutes: 'a0', shelf: 'a1' },
      },
    ],
    [
      'Before the money runs',
      '£',
      false,
      {
        conditions: [oneOfThem('area', idOf(player, 'area', 'Office'))],
        bands: [
          { name: '', where: due({ kind: 'past' }) },
          { name: '', where: due({ kind: 'next', days: 14 }) },
        ],
        sorts: [{ by: 'due', down: false }],
      },
      { view: 'table' },
    ],
    [
      'Moved before',
      'Pu',
      false,
      {
        conditions: [{ kind: 'count', field: 'moved', number: 1, atMost: false }],
        sorts: [{ by: 'moved', down: false }],
      },
    ],
  ]
}

export function makeLenses({ play, today, projects }: Made): void {
  play.at(addDays(today, -20), 1130, (player) => {
    for (const [name, letters, onStrip, lens, face] of asked(player, projects))
      player.run('addLens', { name, lens: { ...emptyLens, ...lens }, face: { letters, onStrip, ...face } })
  })
}
