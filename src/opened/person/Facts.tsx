// How to reach somebody, and what else is known of them: a line each, which a tap rings, writes to, opens or copies.
// They are read; *Edit facts*, behind *More*, makes them fields in an order of hand.
import { titleLimit, type Fact, type Person } from '@/core/record'
import { copied } from '@/held/copied'
import type { OnDemand } from '@/state'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { AnotherLine } from '@/parts/text/AnotherLine'
import { EditText } from '@/parts/text/EditText'
import { Button, Column, Icon, IconButton, Press, Row, Unseen, Words, type IconName } from '@/ui'
import { nameOfRecord, shortened } from '@/words'
import { factWords, factWritten } from '@/words/people'
import { editFactsOf, useEditsFactsOf } from './editedFacts'

const acts: Readonly<Record<Fact['type'], { readonly icon: IconName; readonly verb: string }>> = {
  number: { icon: 'phone', verb: 'Ring' },
  email: { icon: 'mail', verb: 'Write to' },
  link: { icon: 'open', verb: 'Open' },
  date: { icon: 'copy', verb: 'Copy' },
  text: { icon: 'copy', verb: 'Copy' },
}

/** Where the device remembers a fact that is half typed. */
export const anotherFactKey = (of: Person['id']): string => `another fact of ${of}`

interface FactsProps {
  readonly person: Person
  readonly people: OnDemand['people']
  readonly asked: number
}

export function Facts({ person, people, asked }: FactsProps) {
  const document = useHeldDocument()
  const isEdited = useEditsFactsOf(person.id)
  const facts = people.factsOf(document, person.id)
  if (facts.length === 0 && asked === 0 && !isEdited) return null
  return (
    <Column>
      <Column render="ul" aria-label="Facts">
        {facts.map((fact, at) =>
          isEdited ? (
            <EditedFact
              key={fact.id}
              fact={fact}
              people={people}
              before={facts[at - 2]?.id ?? null}
              behind={facts[at + 1]?.id ?? null}
              isFirst={at === 0}
            />
          ) : (
            <FactRow key={fact.id} fact={fact} people={people} />
          ),
        )}
      </Column>
      {asked > 0 || isEdited ? <AnotherFact person={person} people={people} asked={asked} /> : null}
      {isEdited ? (
        <Row justifyContent="flex-end">
          <Button label="Finish editing" onPress={() => editFactsOf(null)} />
        </Row>
      ) : null}
    </Column>
  )
}

function FactRow({ fact, people }: { fact: Fact; people: OnDemand['people'] }) {
  const today = useToday()
  const { label, type } = fact
  const href = people.hrefOfFact(fact)
  const { icon, verb } = acts[type]
  const said = factWords(fact, today)
  const row = (
    <>
      <Unseen>{verb}</Unseen>
      <Words size="second" tone="inkSoft" width={86} flexShrink={0} oneLine>
        {label}
      </Words>
      <Words flex={1} minWidth={0} style={{ overflowWrap: 'anywhere' }}>
        {said}
      </Words>
      <Icon name={icon} tone="brass" size={20} />
    </>
  )
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip">
      {href ? (
        <a
          className="fact-row"
          href={href}
          target={type === 'link' ? '_blank' : undefined}
          rel="noopener noreferrer"
        >
          {row}
        </a>
      ) : (
        <Press
          minHeight={44}
          paddingHorizontal="$3.5"
          paddingVertical="$2"
          gap="$2.5"
          onPress={() => void copied(said, `Copied: ${shortened(said)}`)}
        >
          {row}
        </Press>
      )}
    </Column>
  )
}

interface EditedFactProps {
  readonly fact: Fact
  readonly people: OnDemand['people']
  /** Behind which it goes when it goes up; null: to the front. */
  readonly before: Fact['id'] | null
  /** Behind which it goes when it goes down; null where it is the last. */
  readonly behind: Fact['id'] | null
  readonly isFirst: boolean
}

function EditedFact({ fact, people, before, behind, isFirst }: EditedFactProps) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const { id, label, value, type } = fact
  const written = factWritten(fact, today)
  const name = label === '' ? shortened(written) : label
  const hasReminder = type === 'date' && people.hasYearly(document, id)
  const patch = (next: { label?: string; value?: string }) =>
    people.factOf(next.label ?? label, next.value ?? value)
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" paddingVertical="$1">
      <Row gap="$1">
        <Column flex={1} minWidth={0}>
          <EditText
            name={`${id} label`}
            label={`Label of ${name}`}
            bare
            placeholder="label"
            value={label}
            onKeep={(text, typing) =>
              act('editFact', { id, patch: { label: text } }, { say: false, atField: true, ...typing })
            }
          />
        </Column>
        <IconButton
          label={`${name} up`}
          icon="up"
          disabled={isFirst}
          onPress={() => act('moveFact', { id, afterId: before })}
        />
        <IconButton
          label={`${name} down`}
          icon="down"
          disabled={behind === null}
          onPress={() => act('moveFact', { id, afterId: behind })}
        />
        <IconButton
          label={`Remove ${name}`}
          icon="close"
          onPress={() => act('removeFact', { id }, { say: `Removed: ${name}` })}
        />
      </Row>
      <EditText
        name={`${id} value`}
        label={name}
        value={written}
        needed="A fact needs at least one word. Press its cross to remove it."
        onKeep={(text, typing) =>
          act('editFact', { id, patch: patch({ value: text }) }, { say: false, atField: true, ...typing })
        }
      />
      {type === 'date' && !hasReminder ? <Yearly fact={fact} name={name} /> : null}
    </Column>
  )
}

function Yearly({ fact: { id, ownerId }, name }: { fact: Fact; name: string }) {
  const act = useAct()
  const document = useHeldDocument()
  return (
    <Row marginLeft="$-2">
      <Button
        kind="quiet"
        label="Remind me each year"
        onPress={() => {
          const whose = nameOfRecord(document, ownerId)
          act('remindYearly', { id, title: `${whose}, ${name}` }, { say: `Each year: ${whose}, ${name}` })
        }}
      />
    </Row>
  )
}

function AnotherFact({ person, people, asked }: FactsProps) {
  const act = useAct()
  return (
    <AnotherLine
      name={anotherFactKey(person.id)}
      label="Another fact"
      placeholder="mobile 07700 900123, birthday 3 May"
      maxLength={titleLimit}
      asked={asked}
      onKeep={(text) => {
        const fact = people.readFact(text)
        return fact ? act('addFact', { id: person.id, name: '', fact }, { say: false }).ok : false
      }}
    />
  )
}
