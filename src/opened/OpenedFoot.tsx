// The foot of what is opened: what can be done with it, the main act under the thumb, always in sight.
import { useMedia } from '@tamagui/core'
import type { ReactNode } from 'react'
import { Row } from '@/ui'
import { StickyFoot } from '@/ui/StickyFoot'

export function OpenedFoot({ children, main }: { children?: ReactNode; main?: ReactNode }) {
  const { wide } = useMedia()
  return (
    <StickyFoot low={!wide}>
      <Row flex={1} flexWrap="wrap">
        {children}
      </Row>
      {main}
    </StickyFoot>
  )
}
