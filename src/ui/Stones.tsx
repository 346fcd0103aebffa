// Stepping stones: how far a round has come. What is done is filled, what was passed with something left is dashed,
// where one is now is ringed in brass.
import { View } from '@tamagui/core'
import { Icon } from './Icon'
import { Press } from './Press'
import { Words } from './Words'

interface StonesProps {
  readonly label: string
  readonly stones: readonly {
    readonly key: string
    readonly label: string
    readonly done: boolean
    /** Gone by with something left. */
    readonly passed?: boolean
    readonly here: boolean
  }[]
  readonly onStep: (key: string) => void
}

const edgeOf = { done: '$moss', ahead: '$edge' } as const
const fillOf = { here: '$slip', ahead: 'transparent' } as const
const lifts = [10, 2, 12, 4, 9]
const tilts = ['-4deg', '3deg', '-2deg', '5deg', '-3deg']

export function Stones({ label, stones, onStep }: StonesProps) {
  return (
    <View
      render="ol"
      aria-label={label}
      flexDirection="row"
      justifyContent="space-between"
      gap="$1"
      maxWidth={560}
    >
      {stones.map(({ key, label: name, done, passed, here }, index) => (
        <View render="li" key={key} flex={1} alignItems="center">
          <Press
            flexDirection="column"
            gap="$1"
            style={{ paddingTop: lifts[index % 5] }}
            alignItems="center"
            justifyContent="flex-start"
            minHeight={76}
            width="100%"
            onPress={() => onStep(key)}
            aria-label={`${name}${done ? ', done' : ''}${passed ? ', passed' : ''}`}
            aria-current={here ? 'step' : undefined}
          >
            <View
              width={46}
              height={32}
              alignItems="center"
              justifyContent="center"
              borderWidth={here ? 3 : 1.5}
              borderColor={here ? '$brass' : edgeOf[done || passed ? 'done' : 'ahead']}
              borderStyle={passed && !here ? 'dashed' : 'solid'}
              backgroundColor={done ? '$moss' : fillOf[here ? 'here' : 'ahead']}
              style={{ borderRadius: '50% 48% 52% 46%', transform: `rotate(${tilts[index % 5]})` }}
            >
              {done ? <Icon name="check" size={18} tone="onInk" /> : null}
            </View>
            <Words size="small" strong={here} tone={here ? 'ink' : 'inkSoft'}>
              {name}
            </Words>
          </Press>
        </View>
      ))}
    </View>
  )
}
