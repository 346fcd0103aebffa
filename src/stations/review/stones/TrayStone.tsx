import { useRouter } from 'expo-router'
import { select } from '@/state'
import { Button, Column } from '@/ui'
import { count } from '@/words'
import { useHeld } from '@/held/zen'
import { CameBack, useCameBack } from '@/parts/rows/CameBack'
import type { FaceProps } from '../ReviewRound'
import { StoneHead } from './StoneHead'

/** The Tray to zero: sorting comes back here. */
export function TrayStone({ review }: FaceProps) {
  const slips = useHeld((state) => select.slipsOf(state.document).length)
  const back = useCameBack().length
  const isEmpty = slips + back === 0
  const router = useRouter()
  const says = isEmpty
    ? 'Is anything else on your mind? Add it now.'
    : 'Sort each one. The review goes on when you come back.'
  const title =
    slips === 0
      ? `The Tray is empty${isEmpty ? '' : ' of slips'}`
      : `${count(slips, 'slip')} ${slips === 1 ? 'is' : 'are'} in the Tray`
  return (
    <Column gap="$2.5">
      <StoneHead title={title} says={says} />
      {slips > 0 ? (
        <Button
          label="Sort"
          alignSelf="flex-start"
          onPress={() => router.navigate(`/sorting?review=${review.id}`)}
        />
      ) : null}
      <CameBack />
    </Column>
  )
}
