// What belongs to what is opened: its steps as an outline, its files with the room they take.
import type { OwnerId } from '@/core/record'
import { parts } from '@/state'
import { useHeld } from '@/held/zen'
import { FilesBand } from '@/parts/files/lazyParts'
import { StepOutline } from '@/parts/steps/StepOutline'

export function OpenedParts({ of }: { of: OwnerId }) {
  const files = useHeld(({ document }) => parts.filesOf(document, of))
  return (
    <>
      <StepOutline of={of} />
      <FilesBand files={files} />
    </>
  )
}
