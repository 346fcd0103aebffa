// The main button of a station: at the foot of a phone's screen, above whatever else stands there, in the thumb's reach
// and never below the fold; on a wide page where it stands in the text.
import { useMedia, View } from '@tamagui/core'
import type { ReactNode } from 'react'
import { Row } from './layout'

const height = 60

/** `--foot` is the height of the bars at the foot of the page, told by the frame. */
export function MainBar({ children }: { children: ReactNode }) {
  const { wide } = useMedia()
  if (wide)
    return (
      <Row gap="$2.5" justifyContent="space-between" paddingTop="$3.5">
        {children}
      </Row>
    )
  return (
    // Its room stays in the page, so that the end of a list can be scrolled clear of it.
    <View height={height}>
      <Row
        gap="$2.5"
        justifyContent="space-between"
        position={'fixed' as 'absolute'}
        left={0}
        right={0}
        zIndex={10}
        minHeight={height}
        backgroundColor="$paper"
        borderTopWidth={1}
        borderColor="$rule"
        paddingHorizontal="$4"
        paddingVertical="$2"
        style={{ bottom: 'var(--foot, 0px)' }}
      >
        {children}
      </Row>
    </View>
  )
}
