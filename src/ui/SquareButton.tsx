// A square button with an icon, or with a word where no icon says it, for rows: plain elements, as lists of thousands
// are made of them.
import { Icon, type IconName } from './Icon'

export type SquareButtonProps = {
  readonly label: string
  readonly onPress: () => void
} & ({ readonly icon: IconName } | { readonly words: string })

export function SquareButton({ label, onPress, ...face }: SquareButtonProps) {
  return (
    <button type="button" className="square" aria-label={label} title={label} onClick={onPress}>
      {'icon' in face ? <Icon name={face.icon} tone="inkSoft" /> : <span>{face.words}</span>}
    </button>
  )
}
