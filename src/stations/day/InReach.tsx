// What can be done here and now: contexts at hand, minutes available, energy left. Ranked, each with its reason; two
// that fill the time together; and what just does not fit, folded at the end.
import { useState, type ReactNode } from 'react'
import { minutesOf } from '@/core/day'
import { justOutOfReach, pairFor, rankedInReach, type ReachAround } from '@/core/day/reachOrder'
import type { Action, Energy } from '@/core/record'
import { lists, select } from '@/state'
import { BandHeading, Button, Choice, Column, EmptyPlace, IconButton, Row, SaidChip, Words } from '@/ui'
import { ChooserSheet } from '@/parts/choosers/ChooserSheet'
import { ActionRow } from '@/parts/rows/ActionRow'
import { Band } from '@/parts/rows/Band'
import { focusCapture } from '@/held/keys'
import { contextWords } from '@/words/contexts'
import { bandWords, duration } from '@/words'
import { missesWords, reasonWords } from '@/words/reach'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'
import { candidates, looked } from './candidates'
import { useDayBands, useSided } from './useDayBands'
import { atHandWords, useReach } from './useReach'

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

/** What is asked of a moment: where one is, how long one has, and how much of oneself is left. */
type Ask = 'contexts' | 'minutes' | 'energy'
const asks: readonly Ask[] = ['contexts', 'minutes', 'energy']
const askNames: Readonly<Record<Ask, string>> = {
  contexts: 'At hand',
  minutes: 'Minutes available',
  energy: 'Energy left',
}

function ReachChoice({ of, onDone }: { of: Ask; onDone?: () => void }) {
  const contexts = useHeld((state) => select.contextsOf(state.document))
  const { reach, chosen, away, toggleContext, setMinutes, setEnergy } = useReach()
  const document = useHeldDocument()
  if (of === 'minutes')
    return (
      <Choice
        shown={false}
        label="Minutes available"
        options={[
          ...lengths.map((minutes) => ({ value: String(minutes), label: duration(minutes) })),
          { value: 'any', label: 'any' },
        ]}
        chosen={[reach.minutes === null ? 'any' : String(reach.minutes)]}
        onToggle={(value) => setMinutes(value === 'any' ? null : Number(value))}
        onPick={onDone}
      />
    )
  if (of === 'energy')
    return (
      <Choice
        shown={false}
        label="Energy left"
        options={energyOptions}
        chosen={[reach.energy ?? 'deep']}
        onToggle={(value) => setEnergy(value === 'deep' ? null : value)}
        onPick={onDone}
      />
    )
  return contexts.length > 0 ? (
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
      You can add contexts in Shelves.
    </Words>
  )
}

/** All of them under one another, where there is room. */
export function ReachChoices() {
  return (
    <Column gap="$3.5">
      <Offered />
      {asks.map((ask) => (
        <Column key={ask} gap="$2">
          <Named name={askNames[ask]} />
          <ReachChoice of={ask} />
        </Column>
      ))}
    </Column>
  )
}

/** On a phone one line says what is chosen; each part of it opens its choice. */
function ReachLine() {
  const { chosen, clear } = useReach()
  const document = useHeldDocument()
  const [asked, setAsked] = useState<{ readonly ask: Ask; readonly anchor: DOMRect | null } | null>(null)
  const words: Readonly<Record<Ask, string | null>> = {
    contexts:
      atHandWords({ ...chosen, minutes: null, energy: null }, (id) => contextWords(document, id)) || null,
    minutes: chosen.minutes === null ? null : duration(chosen.minutes),
    energy: chosen.energy,
  }
  const isNarrowed = asks.some((ask) => words[ask] !== null)
  return (
    <Column>
      <Row gap="$2" className="swipes" role="group" aria-label="What is at hand">
        {asks.map((ask) => (
          <SaidChip
            key={ask}
            text={words[ask] ?? anyWords[ask]}
            quiet={words[ask] === null}
            onPress={() =>
              setAsked({ ask, anchor: window.document.activeElement?.getBoundingClientRect() ?? null })
            }
          />
        ))}
        {isNarrowed ? (
          <IconButton label="Show all" icon="close" height={36} minHeight={36} onPress={clear} />
        ) : null}
      </Row>
      <Offered />
      {asked ? (
        <ChooserSheet title={askNames[asked.ask]} anchor={asked.anchor} onClose={() => setAsked(null)}>
          <ReachChoice of={asked.ask} onDone={() => setAsked(null)} />
        </ChooserSheet>
      ) : null}
    </Column>
  )
}

const anyWords: Readonly<Record<Ask, string>> = {
  contexts: 'any place',
  minutes: 'any length',
  energy: 'any energy',
}

/** What was at hand on this weekday at about this hour: offered, never taken by itself. */
function Offered() {
  const { offered, take } = useReach()
  const document = useHeldDocument()
  if (!offered) return null
  return (
    <Button
      kind="quiet"
      alignSelf="flex-start"
      marginLeft="$-2"
      label={`Same as last time: ${atHandWords(offered, (id) => contextWords(document, id))}`}
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

const fewOut = 12

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
        <Column paddingTop="$2.5">
          <ReachLine />
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
              quick={(row as Action).day === today ? undefined : 'pick'}
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
