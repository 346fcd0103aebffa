// What tests of the store start from: a clock that is set by hand, ids that count, and storage that can fail.
import { parsePartialRecord, parseRecord } from '@/core/exchange'
import type { Id } from '@/core/record'
import type { ArgsOf, CommandName } from './commands'
import { onDemand } from './commands/onDemand'
import { makeArchive, makeMemoryStore, type KeyValueStore } from './persistence'
import { noTabs, type TabChannel } from './store/clock'
import { makeZenStore, type ZenStore } from './store/store'

export interface TestStore extends ZenStore {
  readonly clock: { epochMs: number; readonly zone: string }
}

/** Wednesday 11 March 2026, 09:00 in London. */
export const testStartEpochMs = Date.UTC(2026, 2, 11, 9)

export function makeTestStore(
  kept: KeyValueStore = makeMemoryStore(),
  options: {
    replica?: string
    device?: string
    tabs?: TabChannel
    limits?: Parameters<typeof makeArchive>[1]
    parser?: Parameters<typeof makeZenStore>[0]['parser']
    later?: Parameters<typeof makeZenStore>[0]['onDemand']
    rest?: Parameters<typeof makeZenStore>[0]['rest']
  } = {},
): TestStore {
  const replica = options.replica ?? 'aaaa'
  const clock = { epochMs: testStartEpochMs, zone: 'Europe/London' }
  let count = 0
  const store = makeZenStore({
    archive: makeArchive(kept, options.limits),
    clock: { nowEpochMs: () => clock.epochMs, zone: () => clock.zone },
    newId: (kind) => `${kind}:${replica}${++count}`,
    replica,
    device: options.device ?? 'device',
    tabs: options.tabs ?? noTabs,
    rest: options.rest,
    onDemand: options.later ?? (() => onDemand),
    parser: options.parser ?? (() => ({ whole: parseRecord, partial: parsePartialRecord })),
  })
  return { ...store, clock }
}

/** Runs acts that must succeed; gives the id of what each made first, or an empty text. */
export const runnerOf =
  (store: ZenStore) =>
  <N extends CommandName>(name: N, args: ArgsOf<N>): Id => {
    const outcome = store.run(name, args)
    if (!outcome.ok) throw new Error(`${name}: ${JSON.stringify(outcome.error)}`)
    const part = outcome.value[0]
    return (part?.kind === 'added' ? part.record.id : '') as Id
  }

/** Lets what is underway go on, turn by turn, until something holds. Fails where it never does. */
export async function until(holds: () => boolean): Promise<void> {
  for (let turns = 0; turns < 1000; turns++) {
    if (holds()) return
    await new Promise((resolve) => setImmediate(resolve))
  }
  throw new Error('What was waited for never came.')
}
