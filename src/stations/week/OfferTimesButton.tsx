// Free times for somebody else, found where the days are planned.
import { desk } from '@/held/desk'
import { Button } from '@/ui'

export const OfferTimesButton = () => (
  <Button
    kind="quiet"
    label="Times to offer"
    aria-haspopup="dialog"
    onPress={() => desk.getState().openSheet({ kind: 'offerTimes' })}
  />
)
