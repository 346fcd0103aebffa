// The foot of what is opened: what can be done with it, the main act under the thumb, always in sight.
import { useMedia } from '@tamagui/core'
import type { ReactNode } from 'react'
import { Row } from '@/ui'

export function OpenedFoot({ children, main }: { children?: ReactNode; main?: ReactNode }) {
  const { wide } = useMedia()
  return (
    <Row
      gap="$1"
      justifyContent="space-between"
      position={'sticky' as 'absolute'}
      bottom={0}
      zIndex={1}
      backgroundColor="$paper"
      borderTopWidth={1}
      borderColor="$rule"
      marginTop="auto"
      marginHorizontal="$-4"
      marginBottom={wide ? '$-4' : '$-7'}
      paddingHorizontal="$3"
      paddingVertical="$2.5"
      style={{ paddingBottom: 'calc(10px + env(safe-area-inset-bottom))' }}
    >
      <Row flex={1} flexWrap="wrap">
        {children}
      </Row>
      {main}
    </Row>
  )
}
