// How the shelves are shown, behind one button: as shelves or along time, how dense, and whether they are being
// arranged.
import { useState } from 'react'
import { useDense, useRemembered } from '@/held/useRemembered'
import { useDesk, desk } from '@/held/desk'
import { ChooserSheet } from '@/parts/choosers/ChooserSheet'
import { Button, Column, IconButton } from '@/ui'

export function ShelvesView() {
  const [anchor, setAnchor] = useState<DOMRect | null | undefined>(undefined)
  const [isDense, setDense] = useDense()
  const [isOnLine, showOnLine] = useRemembered('shelves-on-line')
  const isArranging = useDesk((state) => state.arranging)
  const close = () => setAnchor(undefined)
  const then = (act: () => void) => () => {
    act()
    close()
  }
  return (
    <>
      {isArranging ? (
        <Button label="Finish arranging" onPress={() => desk.getState().arrange(false)} />
      ) : (
        <IconButton
          label="View"
          icon="settings"
          aria-haspopup="dialog"
          onPress={() => setAnchor(document.activeElement?.getBoundingClientRect() ?? null)}
        />
      )}
      {anchor === undefined ? null : (
        <ChooserSheet title="View" anchor={anchor} onClose={close}>
          <Column alignItems="flex-start" marginLeft="$-2">
            <Button
              kind="quiet"
              data-first-focus
              label={isOnLine ? 'Shelves' : 'Time line'}
              onPress={then(() => showOnLine(!isOnLine))}
            />
            {isOnLine ? null : (
              <>
                <Button
                  kind="quiet"
                  label={isDense ? 'Roomier' : 'Denser'}
                  onPress={then(() => setDense(!isDense))}
                />
                <Button kind="quiet" label="Arrange" onPress={then(() => desk.getState().arrange(true))} />
              </>
            )}
          </Column>
        </ChooserSheet>
      )}
    </>
  )
}
