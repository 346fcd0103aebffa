// A square button with an icon, for rows: plain elements, as lists of thousands are made of them.
import { Icon, type IconName } from './Icon'

export function SquareButton({
  label,
  icon,
  onPress,
}: {
  readonly label: string
  readonly icon: IconName
  readonly onPress: () => void
}) {
  return (
    <button type="button" className="square" aria-label={label} title={label} onClick={onPress}>
      <Icon name={icon} tone="inkSoft" />
    </button>
  )
}
