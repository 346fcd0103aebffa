// The sheets of a wide page side by side; on a phone, one column. What is opened lies at the right.
import { Suspense, type ReactNode } from 'react'
import { useMedia, View } from '@tamagui/core'
import { Column, Sheet } from '@/ui'
import { Mishap } from './Mishap'
import { Opened } from './onDemand'
import { useOpened } from '@/held/useOpened'

/** `left` is what to choose from, `children` what is being worked on; `narrow` keeps lists to a readable width. */
export function DeskLayout({
  left,
  leftLabel,
  children,
  plain = false,
  narrow = false,
}: {
  left?: ReactNode
  leftLabel?: string
  children: ReactNode
  plain?: boolean
  narrow?: boolean
}) {
  const { wide, roomy } = useMedia()
  const { opened: openedAnywhere, over } = useOpened()
  const opened = over ? null : openedAnywhere
  if (!wide) return <Column>{children}</Column>
  const beside = opened && roomy
  return (
    <View flexDirection="row" alignItems="flex-start" justifyContent="center" gap="$3.5">
      {left && (roomy || !opened) ? (
        <Sheet render="aside" aria-label={leftLabel} width={300} flexShrink={0} padding="$4">
          {left}
        </Sheet>
      ) : null}
      {plain ? (
        <Column flex={1}>{children}</Column>
      ) : (
        <Sheet
          flex={1}
          maxWidth={narrow ? 860 : undefined}
          paddingHorizontal="$4.5"
          paddingTop="$4.5"
          paddingBottom="$4.5"
          minHeight={420}
        >
          {children}
        </Sheet>
      )}
      {opened ? (
        <Sheet
          width={beside ? 372 : 340}
          flexShrink={0}
          position={'sticky' as 'absolute'}
          top={86}
          style={{ maxHeight: 'calc(100dvh - 152px)', overflowY: 'auto' }}
        >
          <Mishap place={opened}>
            <Suspense fallback={<View height={240} />}>
              <Opened id={opened} over={false} />
            </Suspense>
          </Mishap>
        </Sheet>
      ) : null}
    </View>
  )
}
