// Handing an action over: whom it waits for, since when, when to chase.
import type { Action, Id, Waiting } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { select, type RunOptions } from '@/state'
import { Column, Pull, Row, Words } from '@/ui'
import { WhenLine } from '@/parts/choosers/ActionChoices'
import { EditText } from '@/parts/text/EditText'
import { useAct, useHeld, useToday } from '@/held/zen'

const somebody = 'else'

export function WaitingChoice({ action }: { action: Action }) {
  const act = useAct()
  const today = useToday()
  const people = useHeld((state) => select.peopleOf(state.document))
  const { waiting } = action
  const set = (next: Waiting | null, typing?: RunOptions) =>
    act(
      'setWaiting',
      { id: action.id, waiting: next },
      { say: false, atField: typing !== undefined, ...typing },
    )
  const chosen = waiting === null ? '' : (waiting.personId ?? somebody)
  const choose = (value: string) => {
    if (value === '') return set(null)
    const base = waiting ?? { since: today, chaseOn: null }
    return set({
      since: base.since,
      chaseOn: base.chaseOn,
      personId: value === somebody ? null : (value as Id<'person'>),
      whom: value === somebody ? waiting?.whom || 'somebody else' : '',
    })
  }
  return (
    <Column gap={10}>
      <Row gap={8}>
        <Words size="second" tone="inkSoft" width={76} flexShrink={0} aria-hidden>
          Waiting for
        </Words>
        <Pull
          label="Waiting for"
          none="nobody"
          value={chosen}
          options={[
            ...people.map(({ id, name }) => ({ value: id as string, label: name })),
            { value: somebody, label: 'somebody else' },
          ]}
          onChoose={choose}
        />
      </Row>
      {waiting && waiting.personId === null ? (
        <EditText
          name={`${action.id} whom`}
          label="Whom or what"
          shown
          value={waiting.whom}
          onKeep={(whom, typing) => set({ ...waiting, whom }, typing)}
          needed="Say whom or what you wait for."
        />
      ) : null}
      {waiting ? (
        <WhenLine
          label="Since"
          date={waiting.since}
          onChange={(date) => {
            if (date) set({ ...waiting, since: date as CalendarDate })
          }}
        />
      ) : null}
      {waiting ? (
        <WhenLine
          label="Chase on"
          date={waiting.chaseOn ?? ''}
          onChange={(date) => set({ ...waiting, chaseOn: (date || null) as CalendarDate | null })}
        />
      ) : null}
    </Column>
  )
}
