// What belongs to what is opened: its steps as an outline, and its files.
import type { OwnerId } from '@/core/record'
import { StepOutline } from '@/parts/steps/StepOutline'
import { OpenedFiles } from './OpenedFiles'

export const OpenedParts = ({ of }: { of: OwnerId }) => (
  <>
    <StepOutline of={of} />
    <OpenedFiles of={of} />
  </>
)
