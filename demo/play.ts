// Plays a life through the same commands that people use, so that the journal behind the demo data is a real one.
import { emptyDocument, makeTimestamp, withChange, type Change, type Document } from '@/core/journal'
import type { Id, RecordKind } from '@/core/record'
import { draftOf, parseSentence } from '@/core/sentence/reader'
import { epochMsAt, localMomentAt, type CalendarDate } from '@/core/time'
import { demoMark, demoReplica, select, type ArgsOf, type CommandName } from '@/state'
import { commands, type Command, type NewAction } from '@/state/commands'
import { onDemand } from '@/state/commands/onDemand'

export interface Play {
  readonly document: () => Document
  readonly changes: readonly Change[]
  /** Plans an act for a local day and minute. Acts after now are left out. */
  at(date: CalendarDate, minute: number, act: (player: Player) => void): void
  /** Performs everything planned, in the order of time. */
  perform(): void
}

export interface Player {
  readonly nowEpochMs: number
  readonly today: CalendarDate
  document(): Document
  /** Runs a command; the id of the first record it made, if any. A refusal is a mistake in the demo. */
  run<N extends CommandName>(name: N, args: ArgsOf<N>): Id | null
  /** What a sentence says of an action, read on this day. */
  read(sentence: string): NewAction
}

const acts = { ...commands, ...onDemand.commands }

export function makePlay({ zone, nowEpochMs }: { zone: string; nowEpochMs: number }): Play {
  let document = emptyDocument
  let ids = 0
  const changes: Change[] = []
  const planned: { epochMs: number; order: number; act: (player: Player) => void }[] = []
  const newId = <K extends RecordKind>(kind: K): Id<K> =>
    `${kind}:${demoMark}${(++ids).toString(36).padStart(4, '0')}`

  function playerAt(epochMs: number): Player {
    const moment = localMomentAt(epochMs, zone)
    return {
      nowEpochMs: epochMs,
      today: moment.date,
      document: () => document,
      run(name, args) {
        const outcome = (acts[name] as Command<unknown>)(
          { document, moment, nowEpochMs: epochMs, newId, repeats: onDemand.repeats },
          args,
        )
        if (!outcome.ok) throw new Error(`The demo was refused: ${name} ${outcome.error.kind}`)
        const change: Change = {
          stamp: makeTimestamp(epochMs, changes.length, demoReplica),
          act: name,
          diff: outcome.value,
        }
        document = withChange(document, change)
        changes.push(change)
        const made = outcome.value.find((part) => part.kind === 'added')
        return made ? (made.record.id as Id) : null
      },
      read(sentence) {
        const draft = draftOf(
          parseSentence(sentence, { today: moment.date, names: select.namesOf(document) }),
          moment.date,
        )
        return { ...draft, waiting: null }
      },
    }
  }

  return {
    document: () => document,
    changes,
    at: (date, minute, act) =>
      planned.push({ epochMs: epochMsAt({ date, minute }, zone), order: planned.length, act }),
    perform() {
      planned.sort((a, b) => a.epochMs - b.epochMs || a.order - b.order)
      for (const { epochMs, act } of planned) if (epochMs <= nowEpochMs) act(playerAt(epochMs))
    },
  }
}
