// What a phone keeps behind one button at every station: which side is shown, redo, printing, help and the settings.
import { usePathname, useRouter } from 'expo-router'
import { hasBothSides } from '@/state/read/sides'
import { desk } from '@/held/desk'
import { sideChoices, sideNames, useSide } from '@/held/side'
import { useHeld, useUndo } from '@/held/zen'
import { Button, Choice, Column, SlideOver } from '@/ui'

export function MoreSheet() {
  const { closeSheet } = desk.getState()
  const { redo, canRedo } = useUndo()
  const [side, setSide] = useSide()
  const isChoosing = useHeld(({ document }) => hasBothSides(document))
  const router = useRouter()
  const pathname = usePathname()
  const then = (act: () => void) => () => {
    closeSheet()
    act()
  }
  return (
    <SlideOver title="More" onClose={closeSheet}>
      {isChoosing ? (
        <Choice
          label="Show"
          options={sideChoices.map((value) => ({ value, label: sideNames[value] }))}
          chosen={[side]}
          onToggle={setSide}
        />
      ) : null}
      <Column marginLeft="$-2" alignItems="flex-start">
        {canRedo ? <Button kind="quiet" icon="redo" label="Redo" onPress={then(redo)} /> : null}
        <Button
          kind="quiet"
          icon="reference"
          label="Help"
          onPress={then(() => router.navigate({ pathname: '/help', params: { from: pathname } }))}
        />
        <Button
          kind="quiet"
          icon="settings"
          label="Settings and your data"
          onPress={then(() => router.navigate('/settings'))}
        />
      </Column>
    </SlideOver>
  )
}
