import type { ReactNode } from 'react'
import { Row } from './layout'

/** The foot of a sheet or a pane, always in sight; `low` where it stands over the wider edge of a sheet. */
export function StickyFoot({ low, children }: { readonly low: boolean; readonly children: ReactNode }) {
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
      marginBottom={low ? '$-7' : '$-4'}
      paddingHorizontal="$3"
      paddingVertical="$2.5"
      style={{ paddingBottom: 'calc(10px + env(safe-area-inset-bottom))' }}
    >
      {children}
    </Row>
  )
}
