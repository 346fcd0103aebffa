// The history of one thing as a story: when it was set up, how often it was moved, how long it waited, when it ended; and
// of which kind each of its acts was. Read off its changes; nothing is kept.
import { idOf, madeAtEpochMs, type Change } from './change'

export const actKinds = ['dates', 'waiting', 'words', 'state', 'other'] as const
/** What an act was about: its days, waiting for somebody, what is written, whether it is open, or something else. */
export type ActKind = (typeof actKinds)[number]

const kindOfField: Readonly<Record<string, ActKind>> = {
  due: 'dates',
  day: 'dates',
  at: 'dates',
  notBefore: 'dates',
  notUntil: 'dates',
  begins: 'dates',
  horizon: 'dates',
  moved: 'dates',
  waiting: 'waiting',
  afterIds: 'waiting',
  title: 'words',
  name: 'words',
  text: 'words',
  note: 'words',
  outcome: 'words',
  soThat: 'words',
  doneAtEpochMs: 'state',
  letGoAtEpochMs: 'state',
  startedAtEpochMs: 'state',
  closedAtEpochMs: 'state',
  state: 'state',
  stageId: 'state',
}
/** What says most of an act that changed several fields: a tick that also ends a wait is a tick. */
const mostTelling: readonly ActKind[] = ['state', 'waiting', 'dates', 'words', 'other']

/** What a change did to `id` was about; what came or went beside it was about words where it was a remark. */
export function actKindOf(change: Change, id: string): ActKind {
  const kinds = change.diff.flatMap((part): ActKind[] => {
    if (idOf(part) !== id) return idOf(part).startsWith('remark:') ? ['words'] : []
    if (part.kind !== 'updated') return ['state']
    return Object.keys(part.fields).map((field) => kindOfField[field] ?? 'other')
  })
  return mostTelling.find((kind) => kinds.includes(kind)) ?? 'other'
}

export interface Story {
  /** Null where what brought it is not among the changes. */
  readonly begunAtEpochMs: number | null
  /** How often it was moved from one day to another. */
  readonly moved: number
  /** Milliseconds in which it waited for somebody, up to now where it still does. */
  readonly waitedMs: number
  /** Done, finished or let go, and not open again since. */
  readonly ended: { readonly as: 'done' | 'letGo'; readonly atEpochMs: number } | null
}

/** `changes` in their order; `now` in milliseconds since 1970. */
export function storyOf(changes: readonly Change[], id: string, now: number): Story {
  let begun: number | null = null
  let moved = 0
  let waited = 0
  let waitingFrom: number | null = null
  let ended: Story['ended'] = null
  const end = (as: 'done' | 'letGo', at: number) => (ended = { as, atEpochMs: at })
  const see = (fields: Readonly<Record<string, unknown>>, at: number) => {
    if ('waiting' in fields) {
      if (fields['waiting'] !== null) waitingFrom ??= at
      else if (waitingFrom !== null) {
        waited += Math.max(0, at - waitingFrom)
        waitingFrom = null
      }
    }
    if (Array.isArray(fields['moved'])) moved = fields['moved'].length
    const { doneAtEpochMs, letGoAtEpochMs, state } = fields
    if (typeof doneAtEpochMs === 'number') end('done', doneAtEpochMs)
    if (typeof letGoAtEpochMs === 'number') end('letGo', letGoAtEpochMs)
    if (state === 'finished') end('done', at)
    if (state === 'letGo') end('letGo', at)
    const isOpenAgain =
      (doneAtEpochMs === null && ended?.as === 'done') ||
      (letGoAtEpochMs === null && ended?.as === 'letGo') ||
      state === 'open'
    if (isOpenAgain && typeof doneAtEpochMs !== 'number' && typeof letGoAtEpochMs !== 'number') ended = null
  }
  for (const change of changes) {
    const at = madeAtEpochMs(change)
    for (const part of change.diff) {
      if (idOf(part) !== id) continue
      if (part.kind === 'added' || part.kind === 'restored') {
        begun ??= at
        see(part.record as unknown as Record<string, unknown>, at)
      } else if (part.kind === 'updated') {
        see(Object.fromEntries(Object.entries(part.fields).map(([field, [, to]]) => [field, to])), at)
      }
    }
  }
  const until = (ended as Story['ended'])?.atEpochMs ?? now
  if (waitingFrom !== null) waited += Math.max(0, until - waitingFrom)
  return { begunAtEpochMs: begun, moved, waitedMs: waited, ended }
}
