// What belongs to something, where there is any of it: its steps and its files.
import type { FileRecord, OwnerId } from '@/core/record'
import { owned } from '@/state'
import { useHeldDocument } from '@/held/zen'
import { BandHeading, Column } from '@/ui'
import { fileSize } from '@/words'
import { FileList } from './FileList'
import { StepList } from './StepList'

export function PartsBands({ of }: { of: OwnerId }) {
  const document = useHeldDocument()
  const steps = owned.stepsOf(document, of)
  const files = owned.filesOf(document, of)
  const done = steps.filter(({ doneAtEpochMs }) => doneAtEpochMs !== null).length
  return (
    <>
      {steps.length > 0 ? (
        <Column>
          <BandHeading title="Steps" end={`${done} of ${steps.length}`} />
          <StepList steps={steps} />
        </Column>
      ) : null}
      <FilesBand files={files} />
    </>
  )
}

export const FilesBand = ({ files }: { files: readonly FileRecord[] }) =>
  files.length > 0 ? (
    <Column>
      <BandHeading title="Files" end={fileSize(files.reduce((sum, { bytes }) => sum + bytes, 0))} />
      <FileList files={files} />
    </Column>
  ) : null
