import { useTheme } from '@tamagui/core'
import type { KeyboardEvent } from 'react'
import { Icon } from './Icon'
import { Press } from './Press'
import { Words } from './Words'

/** What was understood of a sentence. One press, Backspace or Delete takes it off. */
export function Chip({
  text,
  name,
  onTakeOff,
  unsure = false,
}: {
  text: string
  name: string
  onTakeOff: () => void
  unsure?: boolean
}) {
  useTheme()
  return (
    <Press
      onPress={onTakeOff}
      aria-label={name}
      minHeight={36}
      paddingLeft={12}
      paddingRight={8}
      gap={4}
      borderRadius={18}
      borderWidth={1}
      borderStyle={unsure ? 'dashed' : 'solid'}
      borderColor="$brass"
      backgroundColor="$brassWash"
      hoverStyle={{ backgroundColor: '$slip' }}
      maxWidth="100%"
      {...{
        type: 'button',
        onKeyDown: (event: KeyboardEvent) => {
          if (event.key === 'Backspace' || event.key === 'Delete') {
            event.preventDefault()
            onTakeOff()
          }
        },
      }}
    >
      <Words size="second" tone="brass" oneLine>
        {text}
      </Words>
      <Icon name="close" size={14} tone="brass" />
    </Press>
  )
}
