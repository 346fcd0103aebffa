// The talks there were with somebody, the latest first: meetings, remarks, and what was raised outside of a meeting.
import { useState } from 'react'
import type { Person } from '@/core/record'
import type { OnDemand } from '@/state'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { NamedRow } from '@/parts/rows/NamedRow'
import { BandHeading, Button, Column, Row, Words } from '@/ui'
import { nearDate } from '@/words'
import { AnotherRemark, OneRemark } from '../Remarks'

/** So many at once: more are a touch away. */
const portion = 12

interface TalksProps {
  readonly person: Person
  readonly people: OnDemand['people']
  /** How often a remark was asked for. */
  readonly asked: number
}

export function Talks({ person, people, asked }: TalksProps) {
  const document = useHeldDocument()
  const { clock } = useZen()
  const [shown, setShown] = useState(portion)
  const talks = people.talksWith(document, person.id, clock.zone())
  if (talks.length === 0 && asked === 0) return null
  return (
    <Column>
      <BandHeading title="Meetings and remarks" end={talks.length > 0 ? String(talks.length) : undefined} />
      <AnotherRemark of={person.id} asked={asked} />
      <Column render="ul" aria-label="Meetings and remarks">
        {talks.slice(0, shown).map((talk) => (
          <OneTalk key={idOf(talk)} talk={talk} />
        ))}
      </Column>
      {talks.length > shown ? (
        <Row marginLeft="$-2">
          <Button
            kind="quiet"
            label={`Show more of ${talks.length}`}
            onPress={() => setShown(shown + portion * 3)}
          />
        </Row>
      ) : null}
    </Column>
  )
}

type Talk = ReturnType<OnDemand['people']['talksWith']>[number]

const idOf = (talk: Talk): string => {
  if (talk.kind === 'meeting') return talk.page.id
  return talk.kind === 'remark' ? talk.remark.id : talk.topic.id
}

function OneTalk({ talk }: { talk: Talk }) {
  const act = useAct()
  const today = useToday()
  const { open } = useOpened()
  const day = nearDate(talk.date, today)
  switch (talk.kind) {
    case 'meeting':
      return (
        <NamedRow name={talk.page.title} kind="meeting note" below={day} onOpen={() => open(talk.page.id)} />
      )
    case 'remark':
      return <OneRemark remark={talk.remark} />
    case 'raised':
      return (
        <Row render="li" borderBottomWidth={1} borderColor="$rule" gap="$2" minHeight={48}>
          <Column flex={1} minWidth={0}>
            <Words>{talk.topic.text}</Words>
            <Words size="second" tone="inkSoft">{`raised ${day}`}</Words>
          </Column>
          <Button
            kind="quiet"
            label="Raise again"
            aria-label={`Raise again: ${talk.topic.text}`}
            onPress={() => act('raiseAgain', { id: talk.topic.id })}
          />
        </Row>
      )
  }
}
