// What can be done here and now: contexts at hand, minutes free, energy left. Ranked, each with its reason; two that fill the
// time together; and what just does not fit, folded at the end.
import { useState, type ReactNode } from 'react'
import { minutesOf } from '@/core/day'
import { justOutOfReach, pairFor, rankedInReach, type ReachAround } from '@/core/day/reachOrder'
import type { Action, Energy } from '@/core/record'
import { lists, select } from '@/state'
import { BandHeading, Button, Choice, Column, EmptyPlace, IconButton, Row, Words } from '@/ui'
import { ActionRow } from '@/parts/rows/ActionRow'
import { Band } from '@/parts/rows/Band'
import { focusCapture } from '@/held/keys'
import { contextWords } from '@/words/contexts'
import { bandWords, duration } from '@/words'
import { missesWords, reasonWords } from '@/words/reach'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'
import { useDayBands, useSided } from './useDayBands'
import { useReach, type AtHand } from './useReach'

const lengths = [10, 20, 30, 45, 90] as const
const energyOptions: readonly { readonly value: Energy; readonly label: string }[] = [
  { value: 'light', label: 'light' },
  { value: 'plain', label: 'plain' },
  { value: 'deep', label: 'deep' },
]

const Named = ({ name }: { name: string }) => (
  <Words size="caps" tone="inkSoft" render="h2">
    {name}
  </Words>
)

export function ReachChoices() {
  const contexts = useHeld((state) => select.contextsOf(state.document))
  const { reach, chosen, away, toggleContext, setMinutes, setEnergy } = useReach()
  const document = useHeldDocument()
  return (
    <Column gap="$3.5">
      <Offered />
      <Column gap="$2">
        <Named name="At hand" />
        {contexts.length > 0 ? (
          <Choice
            many
            shown={false}
            label="Contexts at hand"
            options={contexts.map(({ id }) => ({
              value: id,
              label: away.includes(id)
                ? `${contextWords(document, id)}, not at this hour`
                : contextWords(document, id),
            }))}
            chosen={chosen.contextIds}
            onToggle={toggleContext}
          />
        ) : (
          <Words size="second" tone="inkSoft">
            Contexts are made in Shelves.
          </Words>
        )}
      </Column>
      <Column gap="$2">
        <Named name="Minutes free" />
        <Choice
          shown={false}
          label="Minutes free"
          options={[
            ...lengths.map((minutes) => ({ value: String(minutes), label: duration(minutes) })),
            { value: 'any', label: 'any' },
          ]}
          chosen={[reach.minutes === null ? 'any' : String(reach.minutes)]}
          onToggle={(value) => setMinutes(value === 'any' ? null : Number(value))}
        />
      </Column>
      <Column gap="$2">
        <Named name="Energy left" />
        <Choice
          shown={false}
          label="Energy left"
          options={energyOptions}
          chosen={[reach.energy ?? 'deep']}
          onToggle={(value) => setEnergy(value === 'deep' ? null : value)}
        />
      </Column>
    </Column>
  )
}

/** What was at hand on this weekday at about this hour: offered, never taken by itself. */
function Offered() {
  const { offered, take } = useReach()
  const contexts = useHeld((state) => select.contextsOf(state.document))
  if (!offered) return null
  const told = (atHand: AtHand) =>
    [
      ...contexts.filter(({ id }) => atHand.contextIds.includes(id)).map(({ name }) => name),
      atHand.minutes === null ? null : duration(atHand.minutes),
      atHand.energy,
    ]
      .filter(Boolean)
      .join(' · ')
  return (
    <Button
      kind="quiet"
      alignSelf="flex-start"
      marginLeft="$-2"
      label={`Same as last time: ${told(offered)}`}
      onPress={() => take(offered)}
    />
  )
}

function NothingFits() {
  const { reach, clear } = useReach()
  const isNarrowed = reach.contextIds.length > 0 || reach.minutes !== null || reach.energy !== null
  return (
    <EmptyPlace
      says={isNarrowed ? 'Nothing fits what is at hand.' : 'Nothing is in reach. Add something and sort it.'}
    >
      {isNarrowed ? (
        <Button label="Take anything, however long" onPress={clear} />
      ) : (
        <Button label="Add something" onPress={focusCapture} />
      )}
    </EmptyPlace>
  )
}

/** So many of those that stand in no other band are ranked, and looked through for what just does not fit; the rest follows. */
const looked = 300
const fewOut = 12

/** What is planned for today and of this week, then the first of the rest. */
function candidates(
  bands: lists.HeldDayBands,
  document: Parameters<lists.HeldDayBands['planned']>[0],
): Action[] {
  const planned = bands.planned(document)
  return [...Object.values(planned).flat(), ...bands.fewInReach(document, looked)]
}

export function InReach({ showChoices }: { showChoices: boolean }) {
  const { bands, document } = useDayBands()
  const today = useToday()
  const { reach, anyhow } = useReach()
  const around: ReachAround = {
    today,
    reach,
    isLastOf: ({ projectId }) =>
      projectId !== null && lists.actionsOfProject(document, projectId).length === 1,
  }
  const ranked = rankedInReach(candidates(bands, document), around)
  const rest = bands.countInReach(document) > looked ? bands.inReach(document).slice(looked) : []
  const actions = [...ranked.map(({ action }) => action), ...rest]
  const reasons = new Map(ranked.map(({ action, reason }) => [action.id, reasonWords(reason, document)]))
  const pair = reach.minutes === null ? null : pairFor(ranked, reach.minutes)
  const out = justOutOfReach(
    candidates(useSided(lists.dayBandsWith(today, anyhow)), document),
    around,
    fewOut,
  )
  return (
    <Column gap="$2">
      {showChoices ? (
        <Column paddingTop="$2">
          <ReachChoices />
        </Column>
      ) : null}
      {ranked.length === 0 ? (
        <NothingFits />
      ) : (
        <Band
          title={bandWords.inReach}
          actions={actions}
          rows={actions}
          render={(row) => (
            <ActionRow
              action={row as Action}
              hint={reasons.get(row.id as Action['id']) ?? undefined}
              showProject
              quick="pick"
            />
          )}
        />
      )}
      {pair ? <Pair pair={pair} /> : null}
      {out.length > 0 ? (
        <Folded title="Just out of reach" count={out.length}>
          <Column render="ul" aria-label="Just out of reach">
            {out.map((each) => (
              <ActionRow
                key={each.action.id}
                action={each.action}
                hint={missesWords(each, document)}
                showProject
              />
            ))}
          </Column>
        </Folded>
      ) : null}
    </Column>
  )
}

const Pair = ({ pair }: { pair: readonly [Action, Action] }) => (
  <Band
    title="Two together"
    actions={pair}
    counted={`${duration(minutesOf(pair))} of it`}
    showProject
    quick="pick"
  />
)

function Folded({ title, count, children }: { title: string; count: number; children: ReactNode }) {
  const [isOpen, setOpen] = useState(false)
  return (
    <Column>
      <BandHeading title={title} end={String(count)} />
      <Row justifyContent="center">
        <IconButton
          label={`${isOpen ? 'Fold' : 'Unfold'} what is just out of reach`}
          icon={isOpen ? 'up' : 'down'}
          aria-expanded={isOpen}
          onPress={() => setOpen(!isOpen)}
        />
      </Row>
      {isOpen ? children : null}
    </Column>
  )
}
