// Something to raise with somebody, made of what is opened: the person is chosen by name, or made.
import { isIdOf, type Id, type Topic } from '@/core/record'
import { select } from '@/state'
import { useAct, useHeld } from '@/held/zen'
import { shortened } from '@/words'
import { ChoosePerson } from './ChoosePerson'

export interface RaiseWithProps {
  readonly of: NonNullable<Topic['aboutId']>
  readonly text: string
  /** Those it is about come first. */
  readonly personIds: readonly Id<'person'>[]
  readonly onDone?: () => void
}

export function RaiseWith({ of, text, personIds, onDone }: RaiseWithProps) {
  const act = useAct()
  const people = useHeld((state) => select.peopleOf(state.document))
  const keep = (id: Id<'person'> | null, name: string) => {
    const topic = { whom: [{ id, name }], text }
    const say = `To raise with ${name}: ${shortened(text)}`
    const kept = isIdOf('slip', of)
      ? act('raiseSlip', { ...topic, slipId: of }, { say })
      : act('addTopic', { ...topic, aboutId: of }, { say })
    if (kept.ok) onDone?.()
  }
  const near = people.filter(({ id }) => personIds.includes(id))
  return (
    <ChoosePerson
      label="Raise with somebody"
      title="Raise it with"
      among={[...near, ...people.filter((person) => !near.includes(person))]}
      onChoose={keep}
      onMake={(name) => keep(null, name)}
    />
  )
}
