import { useRouter } from 'expo-router'
import { select } from '@/state'
import { Button, Column, Words } from '@/ui'
import { count } from '@/words'
import { useHeld } from '@/held/zen'
import { CameBack, useCameBack } from '@/parts/rows/CameBack'
import { ReviewBox } from './ReviewBox'

/** First stone: the tray to zero. */
export function TrayStone() {
  const slips = useHeld((state) => select.slipsOf(state.document).length)
  const back = useCameBack().length
  const isEmpty = slips + back === 0
  const router = useRouter()
  return (
    <Column gap="$2.5">
      <Words render="h2" size="title">
        {slips === 0
          ? `The Tray is empty${isEmpty ? '' : ' of slips'}`
          : `${count(slips, 'slip')} ${slips === 1 ? 'is' : 'are'} in the Tray`}
      </Words>
      <Words tone="inkSoft">
        {isEmpty
          ? 'Is anything else on your mind? Add it now.'
          : 'Sort each one. The review waits here until you come back.'}
      </Words>
      {slips > 0 ? (
        <Button label="Sort" alignSelf="flex-start" onPress={() => router.navigate('/sorting')} />
      ) : null}
      <CameBack />
      <ReviewBox />
    </Column>
  )
}
