// The lenses everybody has from the beginning. They are read and not written: one that is changed is kept from then
// on under the same id, so that two copies that change it change the same one.
import { ranksInOrder, type Id, type LensRecord } from '../record'
import { choice, counted, date, minutes, state } from './asking'
import { keptOf } from './keptLens'
import { emptyLens, type Condition, type DateField, type Lens } from './lens'

const upTo = (most: number): Condition => minutes(null, most)
const thisWeek = (field: DateField): Condition => date(field, { kind: 'week' })
const within = (field: 'doneWithin', number: number): Condition => counted(field, number, true)
const band = (where: Condition) => ({ name: '', where })
const by = (field: Lens['sorts'][number]['by'], down = false) => ({ by: field, down })

type Made = readonly [slug: string, name: string, letters: string, onStrip: boolean, lens: Partial<Lens>]

const made: readonly Made[] = [
  [
    'short',
    'Short and light',
    'Sh',
    true,
    {
      conditions: [state('ready'), choice('energy', 'light', 'plain', ''), upTo(20)],
      bands: [band(thisWeek('due'))],
      groups: ['area'],
      sorts: [by('due'), by('minutes')],
    },
  ],
  [
    'by-context',
    'By context',
    'Co',
    true,
    { conditions: [state('ready')], groups: ['context'], sorts: [by('horizon'), by('weight')] },
  ],
  [
    'by-person',
    'By person',
    'Pe',
    true,
    {
      conditions: [{ ...choice('person', ''), not: true } as Condition],
      groups: ['person'],
      sorts: [by('date'), by('weight')],
    },
  ],
  [
    'waiting',
    'Waiting and chase',
    'Wa',
    true,
    { conditions: [state('waiting')], bands: [band(state('chase'))], sorts: [by('age')] },
  ],
  [
    'by-date',
    'Everything by date',
    'Da',
    true,
    {
      conditions: [state('waiting', true), state('blocked', true)],
      groups: ['date'],
      sorts: [by('date'), by('weight')],
    },
  ],
  [
    'deep',
    'Deep work',
    'De',
    false,
    { conditions: [state('ready'), choice('energy', 'deep')], sorts: [by('due'), by('minutes', true)] },
  ],
  [
    'no-minutes',
    'No minutes yet',
    'Nm',
    false,
    {
      conditions: [state('ready'), { kind: 'minutes', from: null, to: null }],
      groups: ['area'],
      sorts: [by('horizon')],
    },
  ],
  [
    'long-untouched',
    'Not looked at for a month',
    'Un',
    false,
    {
      conditions: [{ kind: 'count', field: 'untouched', number: 30, atMost: false }],
      groups: ['area'],
      sorts: [by('age')],
    },
  ],
  [
    'by-worth',
    'By worth',
    'Wo',
    false,
    {
      conditions: [state('ready'), { ...choice('work', ''), not: true } as Condition],
      groups: ['work'],
      sorts: [by('due'), by('minutes')],
    },
  ],
  [
    'done-lately',
    'Done lately',
    'Do',
    false,
    { conditions: [within('doneWithin', 14)], sorts: [by('done')], done: 'among' },
  ],
]

const ranks = ranksInOrder(made.length)

/** What a lens is kept with besides what it asks. */
export const plainFace = {
  view: 'list',
  columnsBy: 'horizon',
  limits: {},
  columns: {},
  shows: {},
  createdAtEpochMs: 0,
  letGoAtEpochMs: null,
} as const satisfies Partial<LensRecord>

/** Every ready-made lens, as it would be kept. */
export const readyMade: readonly LensRecord[] = made.map(
  ([slug, name, letters, onStrip, lens], index): LensRecord => ({
    id: `lens:ready-${slug}` as Id<'lens'>,
    name,
    letters,
    ink: (index * 5) % 12,
    rank: ranks[index] as string,
    onStrip,
    ...keptOf({ ...emptyLens, ...lens }),
    ...plainFace,
    limits: {},
    columns: {},
    shows: {},
  }),
)
