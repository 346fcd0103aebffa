// The people of a project, each with the ways to reach them.
import { recordIn } from '@/core/journal'
import type { Person, Project } from '@/core/record'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument } from '@/held/zen'
import { Column, Icon, Press, Row, Words, type IconName } from '@/ui'
import { roleWords } from '@/words/people'
import { Drawer } from './Drawer'

export function PeopleDrawer({ project }: { project: Project }) {
  const document = useHeldDocument()
  const people = project.personIds.flatMap((id) => recordIn(document, id) ?? [])
  if (people.length === 0) return null
  return (
    <Drawer name="people" title="People" says={people.map(({ name }) => name).join(', ')}>
      <Column render="ul" aria-label="People">
        {people.map((person) => (
          <ReachRow key={person.id} person={person} />
        ))}
      </Column>
    </Drawer>
  )
}

const reached = { number: ['phone', 'Ring'], email: ['mail', 'Write to'] } as const satisfies Record<
  string,
  readonly [IconName, string]
>

/** The name opens the person; beside it their first number and e-mail address. */
function ReachRow({ person }: { person: Person }) {
  const document = useHeldDocument()
  const people = useOnDemand()?.people
  const { open } = useOpened()
  const facts = people?.factsOf(document, person.id) ?? []
  const firm = people?.firmOf(document, person)
  return (
    <Row render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip" paddingRight="$2">
      <Press flex={1} minWidth={0} paddingHorizontal="$3.5" onPress={() => open(person.id)}>
        <Column minWidth={0}>
          <Words>{person.name}</Words>
          <Words size="second" tone="inkSoft" oneLine>
            {roleWords(person, firm?.name ?? null)}
          </Words>
        </Column>
      </Press>
      {(['number', 'email'] as const).map((type) => {
        const fact = facts.find((each) => each.type === type)
        const [icon, verb] = reached[type]
        const href = fact && people ? people.hrefOfFact(fact) : null
        return href ? (
          <a key={type} className="square" href={href} aria-label={`${verb} ${person.name}: ${fact?.value}`}>
            <Icon name={icon} tone="brass" size={20} />
          </a>
        ) : null
      })}
    </Row>
  )
}
