import { TamaguiProvider, Theme } from '@tamagui/core'
import { Slot } from 'expo-router'
import { boot } from '@/boot'
import { Frame } from '@/stations/shared/Frame'
import { useThemeChoice } from '@/stations/shared/theme'
import { ZenProvider } from '@/stations/shared/zen'
import { config } from '@/ui/tamagui.config'

const zen = boot()

export default function RootLayout() {
  const { shown } = useThemeChoice(zen.memory)
  return (
    <TamaguiProvider config={config} defaultTheme={shown}>
      <Theme name={shown}>
        <ZenProvider value={zen}>
          <Frame>
            <Slot />
          </Frame>
        </ZenProvider>
      </Theme>
    </TamaguiProvider>
  )
}
