// Several actions of one project as one line, so that a day looks as short as it is: unfolded where it stands.
import { useState } from 'react'
import { minutesOf } from '@/core/day'
import { recordIn } from '@/core/journal'
import { actOfKey, select } from '@/state'
import { Button, Icon, Row, Seal } from '@/ui'
import { desk } from '@/held/desk'
import { useKeymap } from '@/held/keys'
import { useOpened } from '@/held/useOpened'
import { useHeld } from '@/held/zen'
import { count, duration } from '@/words'
import { ActionRow, type QuickAct } from '@/parts/rows/ActionRow'
import type { Rolled } from './rolledUp'

export function RolledRow({
  roll: { id, actions },
  showDay,
  quick,
}: {
  readonly roll: Rolled
  readonly showDay?: boolean | undefined
  readonly quick?: QuickAct | undefined
}) {
  const [isOpen, setOpen] = useState(false)
  const project = useHeld((state) => recordIn(state.document, id))
  const seal = useHeld((state) => (actions[0] ? select.sealOf(state.document, actions[0]) : undefined))
  const keymap = useKeymap()
  const { open } = useOpened()
  const selectAll = () => desk.getState().chooseToo(actions.map((action) => action.id))
  const minutes = minutesOf(actions)
  const told = [
    count(actions.length, 'action'),
    minutes > 0 ? duration(minutes) : null,
    `next: ${actions[0]?.title ?? ''}`,
  ]
  return (
    <li className="rolled">
      <button
        type="button"
        className="slip-row rolled-head"
        aria-expanded={isOpen}
        data-holds={actions.map((action) => action.id).join(' ')}
        data-row
        onClick={() => setOpen(!isOpen)}
        onKeyDown={(event) => {
          if (actOfKey(keymap, event.key.toLowerCase()) !== 'choose') return
          event.preventDefault()
          selectAll()
        }}
      >
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
        <span className="slip-open">
          <span className="slip-title should">{project?.title ?? 'A project that is gone'}</span>
          <span className="slip-details">{told.filter(Boolean).join(' · ')}</span>
        </span>
        <span className="square">
          <Icon name={isOpen ? 'up' : 'down'} tone="inkSoft" />
        </span>
      </button>
      {isOpen ? (
        <ul aria-label={project?.title ?? ''}>
          <Row render="li" gap="$2" className="no-print">
            <Button kind="quiet" label={`Select all ${actions.length}`} onPress={selectAll} />
            {project ? <Button kind="quiet" label="Open project" onPress={() => open(id)} /> : null}
          </Row>
          {actions.map((action) => (
            <ActionRow key={action.id} action={action} showDay={showDay ?? false} quick={quick} />
          ))}
        </ul>
      ) : null}
    </li>
  )
}
