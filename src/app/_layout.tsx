import { TamaguiProvider, Theme } from '@tamagui/core'
import { Slot } from 'expo-router'
import { boot } from '@/boot'
import { Frame } from '@/frame/Frame'
import { useThemeChoice } from '@/held/theme'
import { ZenProvider } from '@/held/zen'
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
