// A slip that says what to raise with somebody: it can be kept with them, where it is gathered for the next talk.
import type { Slip } from '@/core/record'
import { useSaidOfPeople } from '@/parts/capture/useSaidOfPeople'
import { Button } from '@/ui'

export function RaiseSaid({ slip }: { slip: Slip }) {
  const said = useSaidOfPeople(slip.text, slip.takenOff, slip.id)
  return said?.isTopic ? <Button kind="quiet" label={`Raise with ${said.whose}`} onPress={said.keep} /> : null
}
