import { Column } from '@/ui'
import { count as counted } from '@/words'
import type { FaceProps } from '../ReviewRound'
import { ReviewBox } from './ReviewBox'
import { StoneHead } from './StoneHead'

/** What was kept for the review during the week. */
export function BoxStone({ count }: FaceProps) {
  return (
    <Column gap="$2.5">
      <StoneHead
        title={count === 0 ? 'The review box is empty' : `${counted(count, 'thing')} kept for the review`}
        says={count === 0 ? undefined : 'Open each one and decide. Then take it out.'}
      />
      <ReviewBox />
    </Column>
  )
}
