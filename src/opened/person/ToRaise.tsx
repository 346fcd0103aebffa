// What to raise with somebody next time: ticked while talking, in the order it came.
import type { NativeSyntheticEvent, TextInputKeyPressEventData } from 'react-native'
import { recordIn } from '@/core/journal'
import { titleLimit, type AnyRecord, type Id, type Person, type Topic } from '@/core/record'
import type { OnDemand } from '@/state'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { AnotherLine } from '@/parts/text/AnotherLine'
import { EditText } from '@/parts/text/EditText'
import { BandHeading, Button, Column, Row, Tick } from '@/ui'
import { nameOfRecord, shortened } from '@/words'

export function ToRaise({
  person,
  people,
  asked,
}: {
  person: Person
  people: OnDemand['people']
  asked: number
}) {
  const document = useHeldDocument()
  const topics = people.topicsOf(document, person.id)
  if (topics.length === 0 && asked === 0) return null
  return (
    <Column>
      <BandHeading title="To raise next time" end={topics.length > 0 ? String(topics.length) : undefined} />
      <TopicRows topics={topics} inId={null} />
      <AnotherTopic of={person.id} asked={asked} />
    </Column>
  )
}

interface TopicRowsProps {
  readonly topics: readonly Topic[]
  /** The meeting note of the talk in which they are raised. */
  readonly inId: Id<'note'> | null
  /** Whose each is, where there are several. */
  readonly showPerson?: boolean
}

export function TopicRows({ topics, inId, showPerson = false }: TopicRowsProps) {
  if (topics.length === 0) return null
  return (
    <Column render="ul" aria-label="To raise">
      {topics.map((topic) => (
        <TopicRow key={topic.id} topic={topic} inId={inId} showPerson={showPerson} />
      ))}
    </Column>
  )
}

/** It is one line of words, however many it takes up: Enter ends it. */
function leavesOnEnter(event: NativeSyntheticEvent<TextInputKeyPressEventData>) {
  if (event.nativeEvent.key !== 'Enter') return
  event.preventDefault()
  ;(event.target as unknown as HTMLElement).blur()
}

function TopicRow({
  topic,
  inId,
  showPerson,
}: {
  topic: Topic
  inId: Id<'note'> | null
  showPerson: boolean
}) {
  const act = useAct()
  const document = useHeldDocument()
  const { open } = useOpened()
  const { id, text, ownerId, aboutId } = topic
  const about = aboutId ? (recordIn(document, aboutId as Id) as AnyRecord | undefined) : undefined
  const tick = () =>
    topic.raisedAtEpochMs === null
      ? act('raiseTopic', { id, inId }, { say: `Raised: ${shortened(text)}` })
      : act('raiseAgain', { id }, { say: `To raise again: ${shortened(text)}` })
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip" paddingLeft="$3.5">
      <Row gap="$1">
        <Column flex={1} minWidth={0}>
          <EditText
            name={`${id} text`}
            label={`To raise: ${shortened(text)}. Empty it to remove it.`}
            bare
            rows={2}
            value={text}
            onKeyPress={leavesOnEnter}
            needed="Say what to raise. Press its cross to remove it."
            onKeep={(kept, typing) =>
              act('editTopic', { id, text: kept }, { say: false, atField: true, ...typing })
            }
          />
          {about || showPerson ? (
            <Row flexWrap="wrap" marginLeft="$-2" marginTop="$-2">
              {showPerson ? (
                <Button kind="quiet" label={nameOfRecord(document, ownerId)} onPress={() => open(ownerId)} />
              ) : null}
              {about ? (
                <Button
                  kind="quiet"
                  label={`about ${shortened(nameOfRecord(document, about.id))}`}
                  onPress={() => open(about.id as OpenableId)}
                />
              ) : null}
            </Row>
          ) : null}
        </Column>
        <Tick name={`Raised: ${text}`} checked={topic.raisedAtEpochMs !== null} onToggle={tick} />
      </Row>
    </Column>
  )
}

/** Where the device remembers what is half typed. */
export const anotherTopicKey = (of: Id<'person'>): string => `another topic of ${of}`

export function AnotherTopic({ of, asked = 0 }: { of: Id<'person'>; asked?: number }) {
  const act = useAct()
  return (
    <AnotherLine
      name={anotherTopicKey(of)}
      label="Another thing to raise"
      placeholder="Another thing to raise"
      maxLength={titleLimit}
      asked={asked}
      onKeep={(text) => act('addTopic', { whom: [{ id: of, name: '' }], text }, { say: false }).ok}
    />
  )
}
