// Stepping stones: how far a round has come. What is done is filled, what was passed with something left is dashed,
// where one is now is ringed in brass.
import { View } from '@tamagui/core'
import { useEffect, useRef } from 'react'
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

/** Of so many, each has its name below it; of more, only the one stood on has. */
const namedUpTo = 7

export function Stones({ label, stones, onStep }: StonesProps) {
  const list = useRef<HTMLOListElement>(null)
  const isMany = stones.length > namedUpTo
  const at = stones.findIndex(({ here }) => here)
  useEffect(() => {
    const stone = list.current?.children[at] as HTMLElement | undefined
    if (list.current && stone)
      list.current.scrollLeft = stone.offsetLeft - list.current.clientWidth / 2 + stone.offsetWidth / 2
  }, [at])
  return (
    <ol ref={list} aria-label={label} className={isMany ? 'stones many swipes' : 'stones'}>
      {stones.map(({ key, label: name, done, passed, here }, index) => (
        <li key={key} data-here={here || undefined}>
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
            {isMany && !here ? null : (
              <Words size="small" strong={here} tone={here ? 'ink' : 'inkSoft'}>
                {name}
              </Words>
            )}
          </Press>
        </li>
      ))}
    </ol>
  )
}
