import { styled, View } from '@tamagui/core'
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
export const SaidChip = ({
  text,
  quiet = false,
  onPress,
}: {
  text: string
  /** Nothing is set there. */
  quiet?: boolean
  onPress: () => void
}) => (
  <Frame
    onPress={onPress}
    aria-haspopup="dialog"
    {...(quiet ? { borderColor: '$rule', backgroundColor: '$slip' } : {})}
  >
    <Words size="second" tone={quiet ? 'inkSoft' : 'brass'} oneLine>
      {text}
    </Words>
  </Frame>
)

const Whole = styled(View, {
  flexDirection: 'row',
  alignItems: 'center',
  minHeight: 36,
  borderRadius: 18,
  borderWidth: 1,
  borderColor: '$brass',
  backgroundColor: '$brassWash',
  maxWidth: '100%',
  flexShrink: 0,
})

/**
 * What was understood of a sentence: its words open what sets it, its cross takes it off, and so do Backspace and
 * Delete. A guess has a broken edge, and says `why`.
 */
export function Chip({
  text,
  onPress,
  onTakeOff,
  unsure = false,
  why,
  opens,
}: {
  text: string
  onPress: () => void
  onTakeOff: () => void
  unsure?: boolean
  why?: string
  opens?: 'dialog'
}) {
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Backspace' && event.key !== 'Delete') return
    event.preventDefault()
    onTakeOff()
  }
  return (
    <Whole borderStyle={unsure ? 'dashed' : 'solid'} title={why} onKeyDown={onKeyDown}>
      <Press
        minHeight={36}
        minWidth={0}
        flexShrink={1}
        paddingLeft="$3"
        paddingRight="$1"
        borderRadius={18}
        hoverStyle={{ backgroundColor: '$slip' }}
        onPress={onPress}
        aria-haspopup={opens}
      >
        <Words size="second" tone="brass" oneLine>
          {text}
        </Words>
      </Press>
      <Press
        minHeight={36}
        minWidth={32}
        justifyContent="center"
        borderRadius={18}
        flexShrink={0}
        hoverStyle={{ backgroundColor: '$slip' }}
        onPress={onTakeOff}
        aria-label={`Take off ${text}`}
      >
        <Icon name="close" size={14} tone="brass" />
      </Press>
    </Whole>
  )
}

/** Something that is not taken yet, and is with one press. */
export function OfferChip({
  text,
  name,
  onPress,
  icon = 'check',
}: {
  text: string
  name: string
  onPress: () => void
  icon?: IconName
}) {
  return (
    <Frame onPress={onPress} aria-label={name} paddingRight="$2" borderStyle="dashed">
      <Words size="second" tone="brass" oneLine>
        {text}
      </Words>
      <Icon name={icon} size={14} tone="brass" />
    </Frame>
  )
}
