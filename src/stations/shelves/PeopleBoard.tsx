// The people one is responsible for, side by side: what each carries, what of it is late, when one talked last and when
// next. A press on a name opens the person; one tap begins a note.
import type { Person } from '@/core/record'
import { checksumOf } from '@/core/checksum'
import { select, type OnDemand } from '@/state'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'
import { useMeetingNote } from '@/parts/people/useMeetingNote'
import { ChoosePerson } from '@/parts/people/ChoosePerson'
import { Button, Column, EmptyPlace, Row, Seal } from '@/ui'
import { count, duration, shortened } from '@/words'
import { initialsOf, talkWords } from '@/words/people'

export function PeopleBoard() {
  const act = useAct()
  const document = useHeldDocument()
  const people = useOnDemand()?.people
  const everybody = useHeld((state) => select.peopleOf(state.document))
  if (!people) return null
  const onBoard = people.boardOf(document)
  const add = (
    <ChoosePerson
      label="Add somebody to the board"
      title="On the board"
      among={everybody.filter((person) => !person.onBoard && !person.isFirm)}
      onChoose={(id, name) =>
        act('editPerson', { id, patch: { onBoard: true } }, { say: `On the board: ${shortened(name)}` })
      }
    />
  )
  if (onBoard.length === 0)
    return (
      <EmptyPlace says="Here the people you are responsible for are side by side: what each carries, what is late, when you last talked.">
        {add}
      </EmptyPlace>
    )
  return (
    <Column gap="$2">
      <div className="people-board" role="list" aria-label="Board">
        {onBoard.map((person) => (
          <PersonCard key={person.id} person={person} people={people} />
        ))}
      </div>
      <Row marginLeft="$-2">{add}</Row>
    </Column>
  )
}

/** So many titles on a card: more are on the person's page. */
const shownOnCard = 3

function PersonCard({ person, people }: { person: Person; people: OnDemand['people'] }) {
  const today = useToday()
  const document = useHeldDocument()
  const { clock } = useZen()
  const { open } = useOpened()
  const beginMeeting = useMeetingNote()
  const { id, name, role } = person
  const { actions, minutes, late, toRaise, lastTalk, next } = people.carriedBy(
    document,
    person,
    today,
    clock.zone(),
  )
  const carries = [count(actions.length, 'action'), minutes > 0 ? duration(minutes) : '']
    .filter(Boolean)
    .join(', ')
  return (
    <section className="person-card" role="listitem" aria-label={name}>
      <button type="button" className="person-head" onClick={() => open(id)} data-row>
        <Seal letters={initialsOf(name)} ink={parseInt(checksumOf(id).slice(-4), 36)} size={36} />
        <span className="person-name">
          <b>{name}</b>
          {role === '' ? null : <span>{role}</span>}
        </span>
      </button>
      <p>
        {actions.length === 0 ? 'carries nothing of yours' : `carries ${carries}`}
        {late > 0 ? <b className="late">{`, ${late} late`}</b> : null}
      </p>
      {actions.length > 0 ? (
        <ul>
          {actions.slice(0, shownOnCard).map((action) => (
            <li key={action.id}>
              <button type="button" onClick={() => open(action.id)}>
                {action.title}
              </button>
            </li>
          ))}
          {actions.length > shownOnCard ? (
            <li className="more">{`and ${actions.length - shownOnCard} more`}</li>
          ) : null}
        </ul>
      ) : null}
      <p className="person-talk">{talkWords(lastTalk, next, today)}</p>
      <Button
        kind="quiet"
        alignSelf="flex-start"
        marginLeft="$-2"
        label={toRaise > 0 ? `Meeting note · ${toRaise} to raise` : 'Meeting note'}
        aria-label={`${toRaise > 0 ? `Meeting note · ${toRaise} to raise` : 'Meeting note'}, ${name}`}
        onPress={() => beginMeeting(person)}
      />
    </section>
  )
}
