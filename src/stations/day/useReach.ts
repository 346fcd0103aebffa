// What is at hand right now. It belongs to the device and the moment, so it is remembered here and not in the store.
import { useMemo, useSyncExternalStore } from 'react'
import { isAtHand, withAncestors } from '@/core/context'
import type { Reach } from '@/core/day'
import { energies, isIdOf, type Energy, type Id } from '@/core/record'
import { select, type DeviceMemory } from '@/state'
import { addDays, localMomentAt, weekdayOf, weekStartOf, type LocalMoment } from '@/core/time'
import { keep, onKept } from '@/held/useKept'
import { useHeld, useToday, useZen } from '@/held/zen'
import { duration } from '@/words'

/** What is chosen here and now, and nothing of the store. */
export interface AtHand {
  readonly contextIds: readonly Id<'context'>[]
  readonly minutes: number | null
  readonly energy: Energy | null
}

const nothing: AtHand = { contextIds: [], minutes: null, energy: null }
const nowKey = 'at-hand'
const thenKey = 'at-hand-then'

/** Whatever the device remembers, as what can be at hand. */
function atHandIn(kept: unknown): AtHand {
  if (typeof kept !== 'object' || kept === null) return nothing
  const { contextIds, minutes, energy } = kept as Partial<AtHand>
  return {
    contextIds: Array.isArray(contextIds)
      ? contextIds.filter((id): id is Id<'context'> => isIdOf('context', String(id)))
      : [],
    minutes: typeof minutes === 'number' ? minutes : null,
    energy: energies.find((each) => each === energy) ?? null,
  }
}

function jsonIn(memory: DeviceMemory, key: string): unknown {
  try {
    return JSON.parse(memory.read(key) ?? 'null') as unknown
  } catch {
    return null
  }
}

let cached: { text: string | null; atHand: AtHand } = { text: null, atHand: nothing }
function rememberedIn(memory: DeviceMemory): AtHand {
  const text = memory.read(nowKey)
  if (text !== cached.text) cached = { text, atHand: atHandIn(jsonIn(memory, nowKey)) }
  return cached.atHand
}

const isNothing = ({ contextIds, minutes, energy }: AtHand): boolean =>
  contextIds.length === 0 && minutes === null && energy === null

/** "Desk or Phone · 30 min · light"; empty where nothing is chosen. */
export const atHandWords = (atHand: AtHand, nameOf: (id: Id<'context'>) => string): string =>
  [
    atHand.contextIds.map(nameOf).join(' or '),
    atHand.minutes === null ? '' : duration(atHand.minutes),
    atHand.energy ?? '',
  ]
    .filter((words) => words !== '')
    .join(' · ')

/** `2-9`: Wednesday from nine to ten. */
const hourKey = ({ date, minute }: LocalMoment, away = 0): string =>
  `${weekdayOf(date)}-${Math.floor(minute / 60) + away}`

export function useReach(): {
  reach: Reach & AtHand
  /** What was chosen, without what follows from it. */
  chosen: AtHand
  /** Contexts that are not at hand at this hour. */
  away: readonly Id<'context'>[]
  /** The same without what is chosen: everything that could be in reach. */
  anyhow: Reach
  toggleContext: (id: Id<'context'>) => void
  setMinutes: (minutes: number | null) => void
  setEnergy: (energy: Energy | null) => void
  clear: () => void
  /** What was chosen at about this hour on this weekday, where nothing is now. */
  offered: AtHand | null
  take: (atHand: AtHand) => void
} {
  const { memory, clock } = useZen()
  const remembered = useSyncExternalStore(onKept, () => rememberedIn(memory))
  const contexts = useHeld((state) => select.contextsOf(state.document))
  const restingProjectIds = useHeld((state) => select.restingProjectIdsOf(state.document))
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const weekEnd = addDays(weekStartOf(useToday(), weekStartsOn), 6)
  // A context that was removed since is not at hand any more, and must not narrow the list unseen.
  const isThere = (id: string) => contexts.some((context) => context.id === id)
  const moment = () => localMomentAt(clock.nowEpochMs(), clock.zone())
  const away = contexts.filter((context) => !isAtHand(context, moment())).map(({ id }) => id)
  const awayNow = away.join(' ')
  const reach = useMemo(
    () => ({
      ...remembered,
      // Somebody at a place is also at every place that contains it.
      contextIds: withAncestors(
        new Map(contexts.map((each) => [each.id, each])),
        remembered.contextIds.filter((id) => contexts.some((context) => context.id === id)),
      ),
      awayContextIds: new Set(awayNow === '' ? [] : awayNow.split(' ')),
      restingProjectIds,
      weekEnd,
    }),
    [remembered, contexts, awayNow, restingProjectIds, weekEnd],
  )
  const anyhow = useMemo(() => ({ ...nothing, restingProjectIds, weekEnd }), [restingProjectIds, weekEnd])
  const choose = (atHand: AtHand) => {
    const then = { ...(jsonIn(memory, thenKey) as object | null), [hourKey(moment())]: atHand }
    if (!isNothing(atHand)) memory.write(thenKey, JSON.stringify(then))
    keep(memory, nowKey, JSON.stringify(atHand))
  }
  const chosen: AtHand = {
    contextIds: remembered.contextIds.filter(isThere),
    minutes: reach.minutes,
    energy: reach.energy,
  }
  const then = jsonIn(memory, thenKey) as Record<string, unknown> | null
  const found = [0, -1, 1]
    .map((away) => atHandIn(then?.[hourKey(moment(), away)]))
    .find((each) => !isNothing(each))
  const still = found && { ...found, contextIds: found.contextIds.filter(isThere) }
  return {
    reach,
    chosen,
    away,
    anyhow,
    toggleContext: (id) =>
      choose({
        ...chosen,
        contextIds: chosen.contextIds.includes(id)
          ? chosen.contextIds.filter((other) => other !== id)
          : [...chosen.contextIds, id],
      }),
    setMinutes: (minutes) => choose({ ...chosen, minutes }),
    setEnergy: (energy) => choose({ ...chosen, energy }),
    clear: () => choose(nothing),
    offered: isNothing(chosen) && still && !isNothing(still) ? still : null,
    take: choose,
  }
}
