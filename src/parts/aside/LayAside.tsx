// One act puts a slip or an action into the review box, or takes it out again.
import type { Id } from '@/core/record'
import { owned } from '@/state'
import { useAct, useHeld } from '@/held/zen'
import { Button } from '@/ui'

interface LayAsideProps {
  readonly id: Id<'slip'> | Id<'action'>
  readonly label?: string
  readonly onLaid?: (() => void) | null
}

export function LayAside({ id, label = 'Keep for the review', onLaid }: LayAsideProps) {
  const act = useAct()
  const aside = useHeld((state) => owned.asideOf(state.document, id))
  return (
    <Button
      kind="quiet"
      alignSelf="flex-start"
      label={aside ? 'Take out of the review box' : label}
      onPress={() => {
        if (aside) act('takeUp', { id: aside.id })
        else if (act('layAside', { ids: [id] }).ok) onLaid?.()
      }}
    />
  )
}
