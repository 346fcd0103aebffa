// A person or a firm opened: how to reach them, what to raise, who owes whom, the talks there were. What there is reads
// first; what there could be is behind *Add*.
import { useState } from 'react'
import type { Action, Id, Person } from '@/core/record'
import { lists } from '@/state'
import { checksumOf } from '@/core/checksum'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument, useZen } from '@/held/zen'
import { AddActionLine } from '@/parts/capture/AddActionLine'
import { DoneBand } from '@/parts/done/DoneBand'
import { useDonePlace } from '@/parts/done/useDonePlace'
import { NoteBand } from '@/parts/note/NoteBand'
import { useMeetingNote } from '@/parts/people/useMeetingNote'
import { ActionRow } from '@/parts/rows/ActionRow'
import { NamedRow } from '@/parts/rows/NamedRow'
import { EditText } from '@/parts/text/EditText'
import { BandHeading, Button, Column, Row, Seal, SlideOver } from '@/ui'
import { Afterwards } from '@/ui/Afterwards'
import { firstNameOf, initialsOf, roleWords } from '@/words/people'
import { OpenedFiles } from '../OpenedFiles'
import { OpenedFoot } from '../OpenedFoot'
import { remarkKey } from '../Remarks'
import { roomForActs } from '../roomForActs'
import { anotherFactKey, Facts } from './Facts'
import { PersonIs } from './PersonIs'
import { Talks } from './Talks'
import { anotherTopicKey, ToRaise } from './ToRaise'

const addable = {
  fact: 'Phone, e-mail, birthday …',
  topic: 'Something to raise',
  action: 'Action',
  remark: 'Remark',
  note: 'Note',
  file: 'File',
  role: 'What they do, firm',
} as const
type Addable = keyof typeof addable
type Asked = Readonly<Partial<Record<Addable, number>>>

export function OpenedPerson({ person }: { person: Person }) {
  const { id } = person
  const document = useHeldDocument()
  const people = useOnDemand()?.people
  const [asked, setAsked] = useState<Asked>({})
  const [isSaying, setSaying] = useState(false)
  const [donePlace, setDonePlace] = useDonePlace(id)
  const done = useHeld((state) => lists.doneWith(state.document, id))
  const { memory } = useZen()
  // What was half typed before the page went is still there to be finished.
  const [typed] = useState(() => {
    const isTyped = (name: string) => Number(memory.typed.read(name) !== null)
    return {
      remark: isTyped(remarkKey(id)),
      fact: isTyped(anotherFactKey(id)),
      topic: isTyped(anotherTopicKey(id)),
    }
  })
  if (!people) return null
  const called = firstNameOf(person.name)
  const owed = people.owedWith(document, id)
  const ask = (what: Addable) => {
    if (what === 'role') setSaying(true)
    else setAsked({ ...asked, [what]: (asked[what] ?? 0) + 1 })
  }
  const among = donePlace === 'among' ? done : []
  return (
    <Column gap="$1" flexGrow={1}>
      <PersonHead
        person={person}
        said={roleWords(person, people.firmOf(document, person)?.name ?? null)}
        onSay={() => setSaying(true)}
      />
      <Facts person={person} people={people} asked={asked.fact ?? typed.fact} />
      <ToRaise person={person} people={people} asked={asked.topic ?? typed.topic} />
      <Owed title={`Waiting for ${called}`} actions={owed.theirs} />
      <Owed title={`Promised to ${called}`} actions={owed.promised} />
      <Afterwards>
        <Owed title={`With ${called}`} actions={[...owed.with, ...among]} />
        {asked.action ? (
          <AddActionLine
            key={asked.action}
            autoFocus
            isMain={false}
            as={(draft) => ({ ...draft, personIds: [...new Set([...(draft.personIds ?? []), id])] })}
          />
        ) : null}
        <DoneBand actions={done} place={donePlace} showProject onPlace={setDonePlace} />
        <Talks person={person} people={people} asked={asked.remark ?? typed.remark} />
        <PeopleOfFirm id={id} />
        <ProjectsWith id={id} />
        {person.note.trim() !== '' || asked.note ? (
          <NoteBand key={asked.note ?? 0} of={id} begins={Boolean(asked.note)} quiet />
        ) : null}
        <OpenedFiles of={id} asked={asked.file ?? 0} />
      </Afterwards>
      <PersonFoot person={person} theirs={owed.theirs} onAdd={ask} />
      {isSaying ? <PersonIs person={person} people={people} onClose={() => setSaying(false)} /> : null}
    </Column>
  )
}

/** The seal, the name and what they do. */
function PersonHead({ person, said, onSay }: { person: Person; said: string; onSay: () => void }) {
  const act = useAct()
  const { id, name } = person
  return (
    <Row gap="$3" alignItems="center" paddingBottom="$2">
      <Seal letters={initialsOf(name)} ink={parseInt(checksumOf(id).slice(-4), 36)} size={44} />
      <Column flex={1} minWidth={0}>
        <Column paddingRight={roomForActs}>
          <EditText
            name={`${id} name`}
            label="Name"
            size="title"
            value={name}
            needed="It needs a name."
            onKeep={(kept, typing) =>
              act('renamePerson', { id, name: kept }, { say: false, atField: true, ...typing })
            }
          />
        </Column>
        {said === '' ? null : (
          <Row marginLeft="$-2" marginTop="$-2">
            <Button kind="quiet" tone="inkSoft" label={said} aria-haspopup="dialog" onPress={onSay} />
          </Row>
        )}
      </Column>
    </Row>
  )
}

/** Rows drawn at first, and with each press for more. */
const [first, portion] = [8, 60]

/** Open actions with somebody; nothing where there are none. */
function Owed({ title, actions }: { title: string; actions: readonly Action[] }) {
  const [shown, setShown] = useState<number>(first)
  if (actions.length === 0) return null
  return (
    <Column>
      <BandHeading title={title} end={String(actions.length)} />
      <Column render="ul" aria-label={title}>
        {actions.slice(0, shown).map((action) => (
          <ActionRow key={action.id} action={action} showProject showDay />
        ))}
      </Column>
      {actions.length > shown ? (
        <Row marginLeft="$-2">
          <Button
            kind="quiet"
            label={`Show the next of ${actions.length - shown} more`}
            onPress={() => setShown(shown + portion)}
          />
        </Row>
      ) : null}
    </Column>
  )
}

/** The people of a firm. */
function PeopleOfFirm({ id }: { id: Id<'person'> }) {
  const document = useHeldDocument()
  const { open } = useOpened()
  const people = useOnDemand()?.people.peopleOfFirm(document, id) ?? []
  if (people.length === 0) return null
  return (
    <Column>
      <BandHeading title="People" end={String(people.length)} />
      <Column render="ul" aria-label="People">
        {people.map((person) => (
          <NamedRow
            key={person.id}
            name={person.name}
            kind="person"
            below={person.role || undefined}
            onOpen={() => open(person.id)}
          />
        ))}
      </Column>
    </Column>
  )
}

function ProjectsWith({ id }: { id: Id<'person'> }) {
  const document = useHeldDocument()
  const { open } = useOpened()
  const projects = useOnDemand()?.people.projectsWith(document, id) ?? []
  if (projects.length === 0) return null
  return (
    <Column>
      <BandHeading title="Projects" end={String(projects.length)} />
      <Column render="ul" aria-label="Projects">
        {projects.map((project) => (
          <NamedRow key={project.id} name={project.title} kind="project" onOpen={() => open(project.id)} />
        ))}
      </Column>
    </Column>
  )
}

interface PersonFootProps {
  readonly person: Person
  readonly theirs: readonly Action[]
  readonly onAdd: (what: Addable) => void
}

function PersonFoot({ person, theirs, onAdd }: PersonFootProps) {
  const { id, name } = person
  const beginMeeting = useMeetingNote()
  const [isAdding, setAdding] = useState(false)
  return (
    <OpenedFoot main={<Button kind="main" label="Meeting note" onPress={() => beginMeeting(person)} />}>
      <Button kind="quiet" label="Add" aria-haspopup="dialog" onPress={() => setAdding(true)} />
      {theirs.length > 0 ? (
        <Button
          kind="quiet"
          label={theirs.length > 1 ? 'Chase all' : 'Chase'}
          aria-haspopup="dialog"
          onPress={() =>
            desk.getState().openSheet({
              kind: 'sendText',
              personId: id,
              name,
              about: 'chase',
              ids: theirs.map((each) => each.id),
            })
          }
        />
      ) : null}
      {isAdding ? (
        <SlideOver title={`Add to ${name}`} onClose={() => setAdding(false)}>
          <Column marginLeft="$-2" alignItems="flex-start">
            {(Object.keys(addable) as Addable[]).map((what) => (
              <Button
                key={what}
                kind="quiet"
                label={addable[what]}
                onPress={() => {
                  setAdding(false)
                  // The sheet gives the focus back before what was asked for takes it.
                  setTimeout(() => onAdd(what))
                }}
              />
            ))}
          </Column>
        </SlideOver>
      ) : null}
    </OpenedFoot>
  )
}
