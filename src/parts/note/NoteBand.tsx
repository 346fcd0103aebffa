// The note of what is opened: it reads as a page and is written in where it stands. What reads it loads right after the
// start, the editor when it is first written in.
import type { NoteOwnerId } from '@/core/record'
import { Column } from '@/ui'
import { useOnDemand } from '@/held/reader'
import { NotePaper } from './NotePaper'
import { useTurning } from './useTurning'

export interface NoteBandProps {
  readonly of: NoteOwnerId
  /** Above it. */
  readonly title?: string
  readonly placeholder?: string
  /** Written in from the first. */
  readonly begins?: boolean
  /** Nothing is shown of an empty one: it is added from elsewhere. */
  readonly quiet?: boolean
}

export function NoteBand(props: NoteBandProps) {
  const later = useOnDemand()
  const turning = useTurning()
  return (
    <Column minHeight={props.quiet ? 0 : 44}>
      {later && turning ? (
        <NotePaper key={props.of} {...props} notes={later.notes} turning={turning} />
      ) : null}
    </Column>
  )
}
