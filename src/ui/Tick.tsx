// The square tick box, filled with a brush stroke.
import { useTheme, View } from '@tamagui/core'
import { Press } from './Press'

export function Tick({ name, checked, onToggle }: { name: string; checked: boolean; onToggle: () => void }) {
  const theme = useTheme()
  return (
    <Press role="checkbox" aria-checked={checked} aria-label={name} onPress={onToggle} width={44} justifyContent="center" {...{ type: 'button', 'data-tick': true }} group>
      <View className={checked ? 'stroke-drawn' : undefined}>
        <svg width={28} height={28} viewBox="0 0 28 28" aria-hidden>
          <rect x={3.5} y={4.5} width={20} height={20} rx={2.5} fill="none" stroke={theme.inkSoft.get() as string} strokeWidth={1.4} />
          {checked ? <path d="M7 14.2c1.9 1.3 3.4 3.1 4.7 5.6 2.6-6.3 6.6-11.9 13.1-16.6" fill="none" stroke={theme.moss.get() as string} strokeWidth={3.4} strokeLinecap="round" strokeLinejoin="round" /> : null}
        </svg>
      </View>
    </Press>
  )
}
