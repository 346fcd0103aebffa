// The tray of compartments, laid out like a lunch box: the commonest is the largest and nearest the thumb.
import { View } from '@tamagui/core'
import { compartments, type Compartment } from '@/core/sorting'
import { Icon, Press, Words, type IconName } from '@/ui'

const faces: Readonly<Record<Compartment, { label: string; hint?: string; icon?: IconName; area: string }>> = {
  action: { label: 'Action', hint: 'the very next thing someone can do', area: '1 / 1 / 3 / 3' },
  twoMinutes: { label: 'Two minutes', icon: 'timer', area: '1 / 3 / 3 / 4' },
  project: { label: 'Project', icon: 'project', hint: 'more than one action', area: '3 / 1 / 4 / 3' },
  someday: { label: 'Someday', icon: 'someday', area: '3 / 3 / 4 / 4' },
  reference: { label: 'Reference', icon: 'reference', hint: 'keep it, nothing to do', area: '4 / 1 / 5 / 3' },
  letGo: { label: 'Let go', hint: 'history keeps it', area: '4 / 3 / 5 / 4' },
}

export function CompartmentBox({ onChoose }: { onChoose: (compartment: Compartment) => void }) {
  return (
    <View role="group" aria-label="Compartments" backgroundColor="$tray" padding={9} borderRadius={8} boxShadow="0 8px 22px rgba(40,30,15,0.22)" style={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gridTemplateRows: 'minmax(72px, auto) minmax(72px, auto) minmax(86px, auto) minmax(86px, auto)', gap: 7 }}>
      {compartments.map((compartment, index) => <Cell key={compartment} compartment={compartment} number={index + 1} onPress={() => onChoose(compartment)} />)}
    </View>
  )
}

function Cell({ compartment, number, onPress }: { compartment: Compartment; number: number; onPress: () => void }) {
  const { label, hint, icon, area } = faces[compartment]
  const dark = compartment === 'letGo'
  const large = compartment === 'action'
  return (
    <Press
      onPress={onPress} aria-label={label} className={dark ? 'on-ink' : undefined} flexDirection="column" alignItems="stretch" justifyContent="space-between" padding={11} gap={6} borderRadius={4}
      backgroundColor={dark ? 'transparent' : '$paper'} borderWidth={1} borderStyle={dark ? 'dashed' : 'solid'} borderColor={dark ? '$traySoft' : '$paper'}
      hoverStyle={{ backgroundColor: dark ? 'rgba(255,255,255,0.07)' : '$brassWash' }} style={{ gridArea: area, minWidth: 0 }} {...{ type: 'button', 'aria-keyshortcuts': String(number) }}
    >
      <View flexDirection="row" justifyContent="space-between" alignItems="flex-start">
        {icon ? <Icon name={icon} /> : <Words size={large ? 'title' : 'body'} strong={!large} tone={dark ? 'trayInk' : 'ink'}>{label}</Words>}
        <Words size="second" tone={dark ? 'traySoft' : 'inkSoft'} aria-hidden>{number}</Words>
      </View>
      <View>
        {icon ? <Words strong>{label}</Words> : null}
        {hint ? <Words size="second" tone={dark ? 'traySoft' : 'inkSoft'}>{hint}</Words> : null}
      </View>
    </Press>
  )
}
