// The rows of *Action* while sorting: for what, how near, how long, where, each with the likeliest first.
import { useMemo, useState } from 'react'
import { withHorizon } from '@/core/action'
import { recordIn } from '@/core/journal'
import { keptHorizons, type Horizon, type Id } from '@/core/record'
import type { ActionPatch } from '@/core/sentence'
import type { Suggestion } from '@/core/sorting/learning'
import { useHeldDocument, useToday } from '@/held/zen'
import { select } from '@/state'
import { ChoiceRow } from '@/ui'
import { hasSoftKeyboard } from '@/ui/softKeyboard'
import { chooserWords, duration, horizonWords, shortened, type Sayable, type SaidField } from '@/words'
import { useLikely, type Likely } from './useLikely'
import { WhyFirst } from './WhyFirst'

type Shelf = Id<'project'> | Id<'area'>

const usualLengths = [5, 10, 15, 20, 30, 45, 60, 90, 120]
const horizons: readonly Horizon[] = ['today', ...keptHorizons]
/** First what stands already, then what is likely, then the rest: as it was when the slip came under the hand. */
const inTurn = <T,>(...lists: readonly (readonly T[])[]): T[] => [...new Set(lists.flat())]

/**
 * The options of each row, the likeliest first; contexts keep their places from slip to slip, and the likely one is
 * marked.
 */
function useOffers(likely: Likely, of: Sayable) {
  const document = useHeldDocument()
  // As it was when the slip came under the hand: what is chosen does not move.
  const [standing] = useState(of)
  return useMemo(() => {
    const valuesOf = (facet: keyof Likely) => likely[facet].map(({ value }) => value)
    const contexts = select.contextsOf(document).map(({ id }) => id)
    const projects = select.projectsOf(document).filter(({ state }) => select.isHeld(state))
    const areas = select.areasOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
    const shelves = new Set<string>([...projects, ...areas].map(({ id }) => id))
    const shelf = [standing.projectId ?? standing.areaId].filter((id) => id !== null)
    const lengths = valuesOf('minutes').map(Number)
    const likelyLengths = inTurn(standing.minutes === null ? [] : [standing.minutes], lengths).slice(0, 2)
    return {
      contextIds: contexts,
      likelyContext: (valuesOf('context') as Id<'context'>[]).find((id) => contexts.includes(id)),
      minutes: inTurn(likelyLengths, usualLengths)
        .slice(0, 8)
        .sort((a, b) => a - b),
      shelfIds: inTurn<Shelf>(
        shelf,
        valuesOf('shelf') as Shelf[],
        projects.map(({ id }) => id),
        areas.map(({ id }) => id),
      )
        .filter((id) => shelves.has(id))
        .slice(0, 4),
    }
  }, [document, likely, standing])
}

/** The first few of a row with their reasons, by the names they have there. */
const told = (said: readonly Suggestion[], nameOf: (value: string) => string) =>
  said.slice(0, 2).map((each) => ({ ...each, name: nameOf(each.value) }))

export interface ActionRowsProps {
  readonly of: Sayable
  /** What was said, for what is likely. */
  readonly title: string
  readonly onSet: (patch: ActionPatch) => void
  /** Asked for what has no place in the row of a field. */
  readonly onMore: (field: SaidField) => void
  readonly isNext: boolean
  readonly onNext: (isNext: boolean) => void
  /** How many actions there are in its project already. */
  readonly others: number
}

export function ActionRows({ of, title, onSet, onMore, isNext, onNext, others }: ActionRowsProps) {
  const today = useToday()
  const document = useHeldDocument()
  const likely = useLikely(title)
  const offers = useOffers(likely, of)
  const shelf: Shelf | null = of.projectId ?? of.areaId
  const nameOf = (id: string) => {
    const record = recordIn(document, id as Shelf) as { title?: string; name?: string } | undefined
    return record?.title ?? record?.name ?? ''
  }
  const putOn = (id: Shelf | null) =>
    onSet({
      projectId: id?.startsWith('project:') ? (id as Id<'project'>) : null,
      areaId: id?.startsWith('area:') ? (id as Id<'area'>) : null,
    })
  /** What was chosen behind *more* is shown too. */
  const shown = <T,>(options: readonly T[], standing: readonly T[]): T[] =>
    inTurn(
      standing.filter((each) => !options.includes(each)),
      options,
    )
  const isFixed = of.at !== null
  const horizon: Horizon = of.day === today ? 'today' : of.horizon
  return (
    <>
      <ChoiceRow
        many
        firstFocus={hasSoftKeyboard()}
        label={chooserWords.contextIds}
        options={shown(offers.contextIds, of.contextIds).map((id) => ({
          value: id,
          label: recordIn(document, id)?.name ?? '',
        }))}
        chosen={of.contextIds}
        likely={of.contextIds.length === 0 ? offers.likelyContext : undefined}
        onToggle={(id) =>
          onSet({
            contextIds: of.contextIds.includes(id)
              ? of.contextIds.filter((other) => other !== id)
              : [...of.contextIds, id],
          })
        }
        onMore={() => onMore('contextIds')}
      />
      <ChoiceRow
        label={chooserWords.horizon}
        firstFocus={hasSoftKeyboard() && offers.contextIds.length === 0}
        options={horizons.map((value) => ({ value, label: horizonWords[value] }))}
        chosen={isFixed || (of.day !== null && of.day !== today) ? [] : [horizon]}
        onToggle={(next) => onSet({ day: null, ...withHorizon(of, next, today) })}
        onMore={() => onMore('day')}
      />
      <ChoiceRow
        label={chooserWords.minutes}
        options={shown(offers.minutes, of.minutes === null ? [] : [of.minutes]).map((minutes) => ({
          value: String(minutes),
          label: String(minutes),
          name: duration(minutes),
        }))}
        chosen={of.minutes === null ? [] : [String(of.minutes)]}
        onToggle={(value) => onSet({ minutes: Number(value) === of.minutes ? null : Number(value) })}
        onMore={() => onMore('minutes')}
      />
      <ChoiceRow
        label={chooserWords.shelf}
        options={shown(offers.shelfIds, shelf ? [shelf] : []).map((id) => ({
          value: id,
          label: shortened(nameOf(id)),
        }))}
        chosen={shelf ? [shelf] : []}
        onToggle={(id) => putOn(id === shelf ? null : id)}
        onMore={() => onMore('shelf')}
        beside={
          others > 0 ? { label: 'as the next', isOn: isNext, onToggle: () => onNext(!isNext) } : undefined
        }
      />
      <WhyFirst
        reasons={[
          ...told(likely.context, nameOf),
          ...told(likely.minutes, (minutes) => duration(Number(minutes))),
          ...told(likely.shelf, nameOf),
        ]}
      />
    </>
  )
}
