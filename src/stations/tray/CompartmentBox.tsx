// The tray of compartments, laid out like a lunch box: the commonest is the largest and nearest the thumb. A slip can
// be dropped on each.
import { View } from '@tamagui/core'
import { compartments, type Compartment } from '@/core/sorting'
import { Icon, Press, Row, Words, type IconName } from '@/ui'
import { useDragKit } from '@/ui/dragging/useDragKit'
import { compartmentNames } from '@/words/names'

interface Face {
  readonly label: string
  readonly hint?: string
  readonly icon?: IconName
  readonly area: string
}

export const compartmentFaces: Readonly<Record<Compartment, Face>> = {
  action: {
    label: compartmentNames.action,
    hint: 'the very next thing someone can do',
    area: '1 / 1 / 2 / 5',
  },
  twoMinutes: { label: compartmentNames.twoMinutes, icon: 'timer', area: '1 / 5 / 2 / 7' },
  project: { label: compartmentNames.project, icon: 'project', area: '2 / 1 / 3 / 3' },
  handOver: { label: compartmentNames.handOver, icon: 'person', area: '2 / 3 / 3 / 5' },
  notBefore: { label: compartmentNames.notBefore, icon: 'hourglass', area: '2 / 5 / 3 / 7' },
  someday: { label: compartmentNames.someday, icon: 'someday', area: '3 / 1 / 4 / 3' },
  reference: { label: compartmentNames.reference, icon: 'reference', area: '3 / 3 / 4 / 5' },
  reading: { label: compartmentNames.reading, icon: 'reading', area: '3 / 5 / 4 / 7' },
  letGo: { label: compartmentNames.letGo, hint: 'decided against; history keeps it', area: '4 / 1 / 5 / 7' },
}

/** It takes the room that the slip leaves, up to this; on a low screen its compartments are lower. */
const highest = 440

export function CompartmentBox({
  onChoose,
  likely,
}: {
  onChoose: (compartment: Compartment) => void
  /** Where much like it went: marked, never chosen. */
  likely: Compartment | null
}) {
  return (
    <View
      role="group"
      aria-label="Compartments"
      backgroundColor="$tray"
      padding="$2"
      borderRadius={8}
      boxShadow="0 8px 22px rgba(40,30,15,0.22)"
      flexGrow={1000}
      maxHeight={highest}
      style={{
        display: 'grid',
        gridTemplateColumns: 'repeat(6, minmax(0, 1fr))',
        gridTemplateRows: 'minmax(46px, 1.5fr) repeat(2, minmax(46px, 1fr)) minmax(44px, 0.85fr)',
        gap: 5,
      }}
    >
      {compartments.map((compartment, index) => (
        <Cell
          key={compartment}
          compartment={compartment}
          number={index + 1}
          isLikely={compartment === likely}
          onPress={() => onChoose(compartment)}
        />
      ))}
    </View>
  )
}

function Cell({
  compartment,
  number,
  isLikely,
  onPress,
}: {
  compartment: Compartment
  number: number
  isLikely: boolean
  onPress: () => void
}) {
  const { useDroppable } = useDragKit()
  const { setNodeRef, isOver } = useDroppable({ id: compartment })
  const { label, hint, icon, area } = compartmentFaces[compartment]
  const dark = compartment === 'letGo'
  const large = compartment === 'action'
  const tone = dark ? 'traySoft' : 'inkSoft'
  const edge = dark ? '$traySoft' : '$paper'
  const ground = dark ? 'transparent' : '$paper'
  return (
    <div
      ref={setNodeRef}
      data-compartment={compartment}
      style={{
        position: 'relative',
        gridArea: area,
        minWidth: 0,
      }}
    >
      <Press
        onPress={onPress}
        className={dark ? 'on-ink' : undefined}
        position="absolute"
        inset={0}
        alignItems={icon ? 'flex-end' : 'flex-start'}
        padding="$2"
        borderRadius={4}
        backgroundColor={isOver ? '$brassWash' : ground}
        borderWidth={isOver ? 2 : 1}
        borderStyle={dark ? 'dashed' : 'solid'}
        borderColor={isOver ? '$brass' : edge}
        hoverStyle={{ backgroundColor: dark ? 'rgba(255,255,255,0.07)' : '$brassWash' }}
        aria-keyshortcuts={String(number)}
        aria-describedby={hint ? `hint-${compartment}` : undefined}
      >
        <Words
          size={large ? 'title' : 'body'}
          strong={!large}
          tone={dark && !isOver ? 'trayInk' : 'ink'}
          maxWidth="100%"
          flexShrink={1}
          minWidth={0}
          letterSpacing={icon ? (-0.2 as never) : undefined}
          style={{ overflowWrap: 'anywhere', lineHeight: large ? undefined : '1.25rem' }}
        >
          {label}
        </Words>
      </Press>
      <View
        position="absolute"
        top={9}
        left={10}
        right={10}
        flexDirection="row"
        justifyContent="space-between"
        pointerEvents="none"
      >
        {icon ? (
          <span className="compartment-hint">
            <Icon name={icon} size={18} />
          </span>
        ) : (
          <View />
        )}
        <Row marginLeft="auto" gap="$1.5" alignItems="center" minHeight={20}>
          {isLikely ? (
            <Words size="second" tone={dark ? 'trayInk' : 'brass'}>
              likely
            </Words>
          ) : null}
          <Words size="second" tone={tone} aria-hidden>
            {number}
          </Words>
        </Row>
      </View>
      {hint ? (
        <Words
          id={`hint-${compartment}`}
          className="compartment-hint"
          size="second"
          tone={tone}
          position="absolute"
          bottom={9}
          left={10}
          right={10}
          pointerEvents="none"
        >
          {hint}
        </Words>
      ) : null}
    </div>
  )
}
