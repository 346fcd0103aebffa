// What *Action* asks, one row each with the likeliest first: where, how near, how long, for what. All of it is
// prefilled from the sentence, so that Enter is often enough.
import { useMemo, useState } from 'react'
import { withHorizon } from '@/core/action'
import { recordIn } from '@/core/journal'
import { keptHorizons, type Horizon, type Id } from '@/core/record'
import type { ActionPatch } from '@/core/sentence'
import type { Suggestion } from '@/core/sorting/learning'
import { lists, select } from '@/state'
import { ChoiceRow } from '@/ui'
import { hasSoftKeyboard } from '@/ui/softKeyboard'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { sayableOf } from '@/parts/said/sayableOf'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { chooserWords, duration, horizonWords, shortened, type Sayable, type SaidField } from '@/words'
import { SaidPaper } from './SaidPaper'
import { Left, SortingForm, type AskedOf } from './SortingForm'
import { useSaidParts } from './useSaidParts'
import { useLikely, type Likely } from './useLikely'
import { WhyFirst } from './WhyFirst'

type Patch = ActionPatch & { readonly title?: string }
type Shelf = Id<'project'> | Id<'area'>

const usualLengths = [5, 10, 15, 20, 30, 45, 60, 90, 120]
const horizons: readonly Horizon[] = ['today', ...keptHorizons]
/** What has a row of its own is not said again on the paper. */
const inRows = new Set<SaidField>(['horizon', 'minutes', 'contextIds', 'shelf'])

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

export function ActionForm({ slip, fields, left, onBack }: AskedOf) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const chooser = useChooser()
  // Only what was chosen here is held: the rest follows the sentence.
  const [patch, setPatch] = useState<Patch>({})
  const chosen = useMemo(
    () => ({ title: fields.title, ...sayableOf(fields, today), ...patch }),
    [fields, patch, today],
  )
  const of: Sayable = chosen
  const parts = useSaidParts(fields, of)
  const likely = useLikely(fields.title)
  const offers = useOffers(likely, of)
  const set = (more: Patch) => setPatch((before) => ({ ...before, ...more }))
  // What is sorted into a project can be the very next thing there.
  const [isNext, setNext] = useState(false)
  const others = of.projectId ? lists.actionsOfProject(document, of.projectId) : []
  const isEmpty = chosen.title.trim() === ''
  const shelf: Shelf | null = of.projectId ?? of.areaId
  const nameOf = (id: string) => {
    const record = recordIn(document, id as Shelf) as { title?: string; name?: string } | undefined
    return record?.title ?? record?.name ?? ''
  }
  const putOn = (id: Shelf | null) =>
    set({
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
      <SortingForm
        label="Action"
        keepLabel="Save action"
        canKeep={!isEmpty}
        onBack={onBack}
        onKeep={() =>
          act(
            'sortAsAction',
            {
              slipId: slip.id,
              left,
              fields: { steps: fields.steps, ...parts.said, ...chosen, isNext: isNext && others.length > 0 },
            },
            { say: `Sorted as an action: ${shortened(chosen.title)}` },
          )
        }
      >
        <SaidPaper
          label="Next action"
          title={chosen.title}
          onTitle={(title) => set({ title })}
          needed="An action needs a title."
          of={of}
          fields={fields}
          inRows={inRows}
          onChoose={chooser.choose}
          parts={parts}
        />
        {left === '' ? null : <Left words={left} />}
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
            set({
              contextIds: of.contextIds.includes(id)
                ? of.contextIds.filter((other) => other !== id)
                : [...of.contextIds, id],
            })
          }
          onMore={() => chooser.choose('contextIds')}
        />
        <ChoiceRow
          label={chooserWords.horizon}
          firstFocus={hasSoftKeyboard() && offers.contextIds.length === 0}
          options={horizons.map((value) => ({ value, label: horizonWords[value] }))}
          chosen={isFixed || (of.day !== null && of.day !== today) ? [] : [horizon]}
          onToggle={(next) => set({ day: null, ...withHorizon(of, next, today) })}
          onMore={() => chooser.choose('day')}
        />
        <ChoiceRow
          label={chooserWords.minutes}
          options={shown(offers.minutes, of.minutes === null ? [] : [of.minutes]).map((minutes) => ({
            value: String(minutes),
            label: String(minutes),
            name: duration(minutes),
          }))}
          chosen={of.minutes === null ? [] : [String(of.minutes)]}
          onToggle={(value) => set({ minutes: Number(value) === of.minutes ? null : Number(value) })}
          onMore={() => chooser.choose('minutes')}
        />
        <ChoiceRow
          label={chooserWords.shelf}
          options={shown(offers.shelfIds, shelf ? [shelf] : []).map((id) => ({
            value: id,
            label: shortened(nameOf(id)),
          }))}
          chosen={shelf ? [shelf] : []}
          onToggle={(id) => putOn(id === shelf ? null : id)}
          onMore={() => chooser.choose('shelf')}
          beside={
            others.length > 0
              ? { label: 'as the next', isOn: isNext, onToggle: () => setNext(!isNext) }
              : undefined
          }
        />
        <WhyFirst
          reasons={[
            ...told(likely.context, nameOf),
            ...told(likely.minutes, (minutes) => duration(Number(minutes))),
            ...told(likely.shelf, nameOf),
          ]}
        />
      </SortingForm>
      {/* Beside the form: Enter in a chooser must not keep the action. */}
      <OpenedChooser chooser={chooser} of={of} onSet={set} />
      {parts.layer}
    </>
  )
}
