// What comes back, opened: the next one and what was missed, what was changed for this one alone, and how it went.
import { useState } from 'react'
import { isOpen, occurrenceOf } from '@/core/action'
import { isEqual } from '@/core/isEqual'
import type { Action, Repeat } from '@/core/record'
import { parseRuleText } from '@/core/repeat'
import { owned } from '@/state'
import { useReader } from '@/held/reader'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { Button, Column, Row, Words } from '@/ui'
import { missedWords } from '@/words/action'
import { aloneWords, fromNowOnWords, nextWords } from '@/words/turns'
import { HabitStrip } from './HabitStrip'

export function Turn({ action }: { action: Action }) {
  const act = useAct()
  const document = useHeldDocument()
  const repeat = owned.repeatOf(document, action.id)
  if (!repeat) return null
  return (
    <Column gap="$1">
      {isOpen(action) ? <Standing action={action} repeat={repeat} /> : null}
      {isOpen(action) ? <OneOrAll action={action} /> : null}
      {repeat.watched ? <HabitStrip repeat={repeat} /> : null}
      <Row marginLeft="$-2" flexWrap="wrap">
        {isOpen(action) ? (
          <Button kind="quiet" label="Skip this one" onPress={() => act('skipTurn', { id: action.id })} />
        ) : null}
        <Button
          kind="quiet"
          label={repeat.watched ? 'Stop tracking' : 'Track as a habit'}
          onPress={() => act('watch', { id: action.id, watched: !repeat.watched }, { say: false })}
        />
      </Row>
    </Column>
  )
}

/** "missed twice before · then Wed 25 Mar" */
function Standing({ action, repeat }: { action: Action; repeat: Repeat }) {
  const { days } = useReader()
  const today = useToday()
  const rule = parseRuleText(repeat.rule)
  if (!days || !rule) return null
  const turn = occurrenceOf(action, repeat)
  const series = { ...repeat, rule }
  const missed = repeat.fromDone ? 0 : days.missedBy(series, turn, today)
  const next = days.nextOccurrence(series, turn, today)
  const told = [missedWords(missed), repeat.fromDone ? null : nextWords(next, today)].filter(Boolean)
  return told.length > 0 ? (
    <Words size="second" tone={missed > 0 ? 'clay' : 'inkSoft'}>
      {told.join(' · ')}
    </Words>
  ) : null
}

/** Whether a change is meant for this one alone, told in a line that turns it round. */
function OneOrAll({ action }: { action: Action }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const { kinds, lastingFields } = useReader()
  const around = { document, today, kinds }
  const [asOpened] = useState(action)
  const { id, overrides } = action
  const changed = lastingFields.filter(
    (field) => !(field in overrides) && !isEqual(action[field], asOpened[field]),
  )
  const before = Object.fromEntries(changed.map((field) => [field, asOpened[field]]))
  return (
    <>
      {Object.keys(overrides).length > 0 ? (
        <TurnedRound
          told={aloneWords(action, around)}
          other="This and later ones"
          onPress={() => act('fromNowOn', { id })}
        />
      ) : null}
      {changed.length > 0 ? (
        <TurnedRound
          told={fromNowOnWords(changed, around)}
          other="This one only"
          onPress={() => act('onlyThisOne', { id, before })}
        />
      ) : null}
    </>
  )
}

const TurnedRound = ({ told, other, onPress }: { told: string; other: string; onPress: () => void }) => (
  <Row gap="$2" justifyContent="space-between" borderTopWidth={1} borderColor="$rule" paddingVertical="$0.5">
    <Words size="second" tone="inkSoft" flex={1} style={{ overflowWrap: 'anywhere' }}>
      {told}
    </Words>
    <Button kind="quiet" label={other} onPress={onPress} flexShrink={0} />
  </Row>
)
