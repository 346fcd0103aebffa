// At the head of a band while something is chosen: the way to choose all of it.
import { Button } from '@/ui'
import { desk, useDesk, type Choosable } from '@/held/desk'

export function ChooseAll({ title, of }: { title: string; of: readonly { readonly id: Choosable }[] }) {
  const isChoosing = useDesk((state) => state.chosen.length > 0)
  return isChoosing ? (
    <Button
      kind="quiet"
      label="all"
      // The heading stays as high as it was: nothing moves under the finger that selects.
      marginVertical="$-3"
      aria-label={`Select all of ${title}`}
      onPress={() => desk.getState().chooseToo(of.map(({ id }) => id))}
    />
  ) : null
}
