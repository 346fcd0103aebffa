// Running an act: the command is asked, what it gives is checked, and committed as one change.
import { withChange, type Timestamp } from '@/core/journal'
import { refuse } from '@/core/result'
import { localMomentAt } from '@/core/time'
import { commands, type Command as AnyCommand, type OnDemand, type Outcome, type Refusal } from '../commands'
import { eventsOf, type Ran } from '../events/events'
import { continued } from '../read/continued'
import type { Clock, NewId } from './clock'
import { faultOf, withoutGone, type RecordParser } from './faultOf'
import type { Sitting } from './sitting'

export interface RunningNeeds {
  readonly clock: Clock
  readonly newId: NewId
  /** Null until the schemas have loaded: until then only the length of texts is checked. */
  readonly parser: () => RecordParser | null
  /** The acts that load right after the start; null until they have. */
  readonly onDemand: () => OnDemand | null
}

const refused = (error: Refusal): Extract<Ran, { readonly ok: false }> => ({ ok: false, error })

/** The command of a name, if it is there yet. */
function commandOf(name: string, loaded: OnDemand | null): AnyCommand<unknown> | undefined {
  const those = Object.hasOwn(commands, name) ? commands : loaded?.commands
  return (those as Partial<Record<string, AnyCommand<unknown>>> | undefined)?.[name]
}

/** Runs acts in a sitting. `continuing` is the timestamp of the change that the act goes on with, where it does. */
export function makeRun(
  { api, changeOf, commit }: Sitting,
  { clock, newId, parser, onDemand }: RunningNeeds,
): (name: string, args: unknown, continuing: Timestamp | undefined) => Ran {
  function asked(name: string, args: unknown): Outcome {
    const nowEpochMs = clock.nowEpochMs()
    const loaded = onDemand()
    const command = commandOf(name, loaded)
    if (!command) return refuse({ kind: 'notYet' })
    const moment = localMomentAt(nowEpochMs, clock.zone())
    const { document } = api.getState()
    return command({ document, moment, nowEpochMs, newId, repeats: loaded?.repeats ?? null }, args)
  }

  return (name, args, continuing) => {
    const state = api.getState()
    if (state.readOnly) return refused({ kind: 'readOnly' })
    const outcome = asked(name, args)
    if (!outcome.ok) return outcome
    const made = changeOf(name, outcome.value)
    // Until all has been read, what something points at may not have come yet.
    const isWhole = state.phase === 'ready' && state.unread === null
    const asMade = withChange(state.document, made)
    const diff = isWhole ? withoutGone(asMade, made.diff) : made.diff
    const change = diff === made.diff ? made : { ...made, diff }
    const after = change === made ? asMade : withChange(state.document, change)
    const fault = faultOf(after, diff, parser(), isWhole)
    if (fault) return refused(fault)
    const earlier = continuing === undefined ? undefined : state.recent.at(-1)
    const joined = earlier?.stamp === continuing && earlier ? continued(earlier, change) : null
    if (joined) commit(joined, continuing)
    else commit(change, undefined, after)
    return { ok: true, value: diff, events: eventsOf(api.getState().document, diff) }
  }
}
