import { recordIn } from '@/core/journal'
import { isIdOf } from '@/core/record'
import { Words } from '@/ui'
import type { OpenableId } from '@/held/useOpened'
import { useHeld } from '@/held/zen'
import { OpenedAction } from './OpenedAction'
import { OpenedNamed } from './OpenedNamed'
import { OpenedProject } from './OpenedProject'
import { OpenedReading } from './OpenedReading'
import { OpenedReference } from './OpenedReference'
import { OpenedShelf } from './OpenedShelf'
import { OpenedSlip } from './OpenedSlip'

/** Whatever is opened, in the form that fits its kind. An address typed by hand may name anything. */
export function OpenedRecord({ id }: { id: OpenableId }) {
  const record = useHeld((state) => recordIn(state.document, id))
  const ready = useHeld((state) => state.phase === 'ready')
  // While actions are still being read, what is opened would not know all that stands with it.
  if (!ready) return null
  if (!record) return <NothingThere />
  if (isIdOf('action', id)) return <OpenedAction action={record as never} />
  if (isIdOf('project', id)) return <OpenedProject project={record as never} />
  if (isIdOf('slip', id)) return <OpenedSlip slip={record as never} />
  if (isIdOf('reference', id)) return <OpenedReference reference={record as never} />
  if (isIdOf('reading', id)) return <OpenedReading reading={record as never} />
  if (isIdOf('area', id) || isIdOf('group', id)) return <OpenedShelf shelf={record as never} />
  if (isIdOf('context', id) || isIdOf('person', id)) return <OpenedNamed named={record as never} />
  return <NothingThere />
}

const NothingThere = () => (
  <Words tone="inkSoft" paddingRight="$11">
    There is nothing here. It may have been removed; undo brings back what was removed just now.
  </Words>
)
