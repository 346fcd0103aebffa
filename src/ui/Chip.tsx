import { styled } from '@tamagui/core'
import type { KeyboardEvent } from 'react'
import { Icon, type IconName } from './Icon'
import { Press } from './Press'
import { Words } from './Words'

const Frame = styled(Press, {
  minHeight: 36,
  paddingHorizontal: '$3',
  gap: '$1',
  borderRadius: 18,
  borderWidth: 1,
  borderColor: '$brass',
  backgroundColor: '$brassWash',
  hoverStyle: { backgroundColor: '$slip' },
  maxWidth: '100%',
  flexShrink: 0,
})

/** What is set, in words: a press opens what sets it. */
export const SaidChip = ({ text, onPress }: { text: string; onPress: () => void }) => (
  <Frame onPress={onPress} aria-haspopup="dialog">
    <Words size="second" tone="brass" oneLine>
      {text}
    </Words>
  </Frame>
)

/** What was understood of a sentence. One press, Backspace or Delete takes it off. */
export function Chip({
  text,
  name,
  onTakeOff,
  unsure = false,
  icon = 'close',
}: {
  text: string
  name: string
  onTakeOff: () => void
  unsure?: boolean
  icon?: IconName
}) {
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Backspace' && event.key !== 'Delete') return
    event.preventDefault()
    onTakeOff()
  }
  return (
    <Frame
      onPress={onTakeOff}
      aria-label={name}
      paddingRight="$2"
      borderStyle={unsure ? 'dashed' : 'solid'}
      onKeyDown={onKeyDown}
    >
      <Words size="second" tone="brass" oneLine>
        {text}
      </Words>
      <Icon name={icon} size={14} tone="brass" />
    </Frame>
  )
}
