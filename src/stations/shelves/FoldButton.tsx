import { IconButton } from '@/ui'
import { useRemembered } from '@/held/useRemembered'

/** Whether a group or an area is folded on this device, and what folds it. */
export const useFolded = (id: string) => useRemembered(`folded:${id}`)

export function FoldButton({ id, name }: { readonly id: string; readonly name: string }) {
  const [isFolded, fold] = useFolded(id)
  return (
    <IconButton
      label={isFolded ? `Unfold ${name}` : `Fold ${name}`}
      icon={isFolded ? 'down' : 'up'}
      aria-expanded={!isFolded}
      onPress={() => fold(!isFolded)}
    />
  )
}
