// What came with a slip and is longer than a line: plain text until it is decided what the slip is.
import type { Outcome, RunOptions } from '@/state'
import { BandHeading, Column } from '@/ui'
import { EditText } from '@/parts/text/EditText'

export const SlipNote = ({
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
