// The note of what is opened: it reads as text, and is written in where it stands.
import type { Outcome, RunOptions } from '@/state'
import { BandHeading, Column } from '@/ui'
import { EditText } from '@/parts/text/EditText'

export const NoteBand = ({
  of,
  note,
  onKeep,
}: {
  of: string
  note: string
  onKeep: (note: string, typing: RunOptions) => Outcome
}) => (
  <Column>
    <BandHeading title="Note" />
    <EditText
      name={`${of} note`}
      label="Note"
      bare
      rows={4}
      placeholder="Add a note"
      value={note}
      onKeep={onKeep}
    />
  </Column>
)
