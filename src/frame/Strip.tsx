// The strip along the top of a station: its views, one of them chosen. Plain elements: it is drawn anew at each choice.
import type { KeyboardEvent, ReactNode } from 'react'
import { useMedia, View } from '@tamagui/core'
import { moveFocusWithin } from '@/ui'

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
      <div className="strip no-print">
        <div
          role="tablist"
          aria-label={label}
          className="strip-tabs"
          onKeyDown={(event: KeyboardEvent<HTMLElement>) =>
            moveFocusWithin(event, '[role=tab]', (tab) => tab.click())
          }
        >
          {tabs.map((tab) => (
            <button
              key={tab.key}
              type="button"
              role="tab"
              aria-selected={tab.key === chosen}
              tabIndex={tab.key === chosen ? 0 : -1}
              className="strip-tab"
              onClick={() => onChoose(tab.key)}
              id={`tab-${tab.key}`}
              aria-controls="tab-panel"
            >
              {tab.label}
            </button>
          ))}
        </div>
        {beyond}
      </div>
      {end ? (
        <View flexDirection="row" justifyContent="flex-end" marginBottom="$1">
          {end}
        </View>
      ) : null}
      <div role="tabpanel" id="tab-panel" aria-labelledby={`tab-${chosen}`} className="column">
        {children}
      </div>
    </>
  )
}
