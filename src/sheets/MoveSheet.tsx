// Moving an action to a day: the chooser of days, with how full each of them is.
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { ChosenField } from '@/parts/choosers/useChooser'
import { useAct, useHeld, useToday } from '@/held/zen'
import { movedWords, nearDate, shortened } from '@/words'

export function MoveSheet({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const action = useHeld((state) => recordIn(state.document, id))
  if (!action) return null
  const title = shortened(action.title)
  return (
    <ChosenField
      field="day"
      title={`Move “${title}”${action.moved.length > 1 ? `, ${movedWords(action)}` : ''}`}
      of={action}
      onClose={onClose}
      onSet={({ day, at }) => {
        const to = at?.date ?? day ?? null
        const say = to ? `Moved to ${nearDate(to, today)}: ${title}` : `No planned day: ${title}`
        act('moveTo', { id, day: to }, { say })
      }}
    />
  )
}
