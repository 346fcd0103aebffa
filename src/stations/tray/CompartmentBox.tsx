// The tray of compartments, laid out like a lunch box: the commonest is the largest and nearest the thumb.
import { View } from '@tamagui/core'
import { compartments, type Compartment } from '@/core/sorting'
import { Icon, Press, Words, type IconName } from '@/ui'

const faces: Readonly<Record<Compartment, { label: string; hint?: string; icon?: IconName; area: string }>> =
  {
    action: { label: 'Action', hint: 'the very next thing someone can do', area: '1 / 1 / 2 / 3' },
    twoMinutes: { label: 'Two minutes', icon: 'timer', area: '1 / 3 / 2 / 4' },
    project: { label: 'Project', icon: 'project', hint: 'more than one action', area: '2 / 1 / 3 / 3' },
    someday: { label: 'Someday', icon: 'someday', area: '2 / 3 / 3 / 4' },
    reference: {
      label: 'Reference',
      icon: 'reference',
      hint: 'keep it, nothing to do',
      area: '3 / 1 / 4 / 3',
    },
    letGo: { label: 'Let go', hint: 'history keeps it', area: '3 / 3 / 4 / 4' },
  }

export function CompartmentBox({ onChoose }: { onChoose: (compartment: Compartment) => void }) {
  return (
    <View
      role="group"
      aria-label="Compartments"
      backgroundColor="$tray"
      padding="$2.5"
      borderRadius={8}
      boxShadow="0 8px 22px rgba(40,30,15,0.22)"
      style={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 7 }}
    >
      {compartments.map((compartment, index) => (
        <Cell
          key={compartment}
          compartment={compartment}
          number={index + 1}
          onPress={() => onChoose(compartment)}
        />
      ))}
    </View>
  )
}

function Cell({
  compartment,
  number,
  onPress,
}: {
  compartment: Compartment
  number: number
  onPress: () => void
}) {
  const { label, hint, icon, area } = faces[compartment]
  const dark = compartment === 'letGo'
  const large = compartment === 'action'
  const tone = dark ? 'traySoft' : 'inkSoft'
  return (
    <View
      position="relative"
      style={{
        gridArea: area,
        minWidth: 0,
        // Lower on a low screen, so that a slip of four lines stands above all of them.
        minHeight: large ? 'clamp(84px, calc(24dvh - 60px), 150px)' : 'clamp(56px, 9.6dvh, 86px)',
      }}
    >
      <Press
        onPress={onPress}
        className={dark ? 'on-ink' : undefined}
        position="absolute"
        inset={0}
        alignItems={icon ? 'center' : 'flex-start'}
        padding="$3"
        borderRadius={4}
        backgroundColor={dark ? 'transparent' : '$paper'}
        borderWidth={1}
        borderStyle={dark ? 'dashed' : 'solid'}
        borderColor={dark ? '$traySoft' : '$paper'}
        hoverStyle={{ backgroundColor: dark ? 'rgba(255,255,255,0.07)' : '$brassWash' }}
        aria-keyshortcuts={String(number)}
        aria-describedby={hint ? `hint-${compartment}` : undefined}
      >
        <Words
          size={large ? 'title' : 'body'}
          strong={!large}
          tone={dark ? 'trayInk' : 'ink'}
          paddingTop={icon ? '$1.5' : '$0'}
          paddingRight={icon ? '$0' : '$4'}
          maxWidth="100%"
          flexShrink={1}
          minWidth={0}
        >
          {label}
        </Words>
      </Press>
      <View
        position="absolute"
        top={11}
        left={11}
        right={11}
        flexDirection="row"
        justifyContent="space-between"
        pointerEvents="none"
      >
        {icon ? (
          <span className="compartment-hint">
            <Icon name={icon} />
          </span>
        ) : (
          <View />
        )}
        <Words size="second" tone={tone} marginLeft="auto" aria-hidden>
          {number}
        </Words>
      </View>
      {hint ? (
        <Words
          id={`hint-${compartment}`}
          className="compartment-hint"
          size="second"
          tone={tone}
          position="absolute"
          bottom={10}
          left={11}
          right={11}
          pointerEvents="none"
        >
          {hint}
        </Words>
      ) : null}
    </View>
  )
}
