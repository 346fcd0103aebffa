// The strip along the top of a station: its views, one of them chosen.
import type { KeyboardEvent, ReactNode } from 'react'
import { useMedia, View } from '@tamagui/core'
import { moveFocusWithin, Press, Words } from '@/ui'

interface StripProps<T extends string> {
  readonly label: string
  readonly tabs: readonly { readonly key: T; readonly label: string }[]
  readonly chosen: T
  readonly onChoose: (key: T) => void
  /** The station's heading: above the strip on a phone. */
  readonly head?: ReactNode
  readonly end?: ReactNode
  /** Stands behind the last view, and is none. */
  readonly beyond?: ReactNode
  readonly children: ReactNode
}

export function Strip<T extends string>({
  label,
  tabs,
  chosen,
  onChoose,
  head,
  end,
  beyond,
  children,
}: StripProps<T>) {
  const { wide } = useMedia()
  return (
    <>
      {wide ? null : head}
      <View
        className="no-print strip"
        flexDirection="row"
        gap={wide ? '$5' : '$4.5'}
        borderBottomWidth={1}
        borderColor="$rule"
        marginBottom={wide ? '$5' : '$1'}
        marginTop={wide ? '$-5.5' : '$0'}
        marginHorizontal={wide ? '$-6' : '$-3'}
        paddingHorizontal={wide ? '$6' : '$3'}
        backgroundColor={wide ? '$paper' : undefined}
        style={{ overflowX: 'auto', overflowY: 'hidden' }}
      >
        <View
          role="tablist"
          aria-label={label}
          flexDirection="row"
          flexShrink={0}
          gap={wide ? '$5' : '$4.5'}
          onKeyDown={(event: KeyboardEvent<HTMLElement>) => moveFocusWithin(event, '[role=tab]')}
        >
          {tabs.map((tab) => {
            const here = tab.key === chosen
            return (
              <Press
                key={tab.key}
                role="tab"
                aria-selected={here}
                minHeight={44}
                borderRadius={0}
                borderBottomWidth={2}
                borderColor={here ? '$brass' : 'transparent'}
                onPress={() => onChoose(tab.key)}
                id={`tab-${tab.key}`}
                aria-controls="tab-panel"
              >
                <Words strong={here} tone={here ? 'ink' : 'inkSoft'} whiteSpace="nowrap">
                  {tab.label}
                </Words>
              </Press>
            )
          })}
        </View>
        {beyond}
      </View>
      {end ? (
        <View flexDirection="row" justifyContent="flex-end" marginBottom="$1">
          {end}
        </View>
      ) : null}
      <View role="tabpanel" id="tab-panel" aria-labelledby={`tab-${chosen}`}>
        {children}
      </View>
    </>
  )
}
