import type { ReactNode } from 'react'
import { useMedia, View } from '@tamagui/core'
import { Link, usePathname } from 'expo-router'
import { Column, Icon, IconButton, Press, Row, Words } from '@/ui'
import { desk } from '@/held/desk'
import { sideChoices, useSide } from '@/held/side'
import { useHeld, useUndo } from '@/held/zen'
import { hasBothSides, type SideChoice } from '@/state/sides'

const sideNames: Readonly<Record<SideChoice, string>> = { work: 'Work', private: 'Private', both: 'Both' }

/** A link that looks like an icon button. */
function SettingsLink() {
  return (
    <Link
      href="/settings"
      aria-label="Settings and your data"
      style={{
        width: 44,
        height: 44,
        display: 'flex',
        alignItems: 'center',
        justifyContent: 'center',
        borderRadius: 3,
      }}
    >
      <View title="Settings and your data">
        <Icon name="settings" tone="inkSoft" />
      </View>
    </Link>
  )
}

/**
 * Which side of life is shown, here and everywhere; not there where there is only one. On a phone it stands with the shelves,
 * and elsewhere while a side is chosen.
 */
function SideSwitch() {
  const [side, setSide] = useSide()
  const isChoosing = useHeld(({ document }) => hasBothSides(document))
  const { wide } = useMedia()
  const pathname = usePathname()
  if (!isChoosing || !(wide || side !== 'both' || pathname === '/shelves')) return null
  const next = sideChoices[(sideChoices.indexOf(side) + 1) % sideChoices.length] ?? 'both'
  return (
    <Press
      paddingHorizontal="$2"
      justifyContent="center"
      aria-label={`Side: ${sideNames[side]}. Show ${sideNames[next]}`}
      title={`Side: ${sideNames[side]}`}
      onPress={() => setSide(next)}
    >
      <Words size="second" strong={side !== 'both'} tone={side === 'both' ? 'inkSoft' : 'brass'}>
        {sideNames[side]}
      </Words>
    </Press>
  )
}

/** The side, undo, redo, search and settings. */
export function Tools() {
  const { undo, redo, canUndo, canRedo } = useUndo()
  return (
    <Row gap="$0" flexShrink={0}>
      <SideSwitch />
      <IconButton label="Undo" icon="undo" onPress={undo} disabled={!canUndo} />
      {canRedo ? <IconButton label="Redo" icon="redo" onPress={redo} /> : null}
      <IconButton
        label="Search"
        icon="search"
        onPress={() => desk.getState().openSheet({ kind: 'search' })}
      />
      <SettingsLink />
    </Row>
  )
}

/** A station's heading. On a phone the tools stand beside it; wide, they are in the head of the page. */
export function StationHead({
  label,
  above,
  title,
  children,
  tools,
}: {
  label?: string
  /** A line in the label's place, for what changes while one works; not for the ear, which hears it elsewhere. */
  above?: string
  title: string
  children?: ReactNode
  tools?: ReactNode
}) {
  const { wide } = useMedia()
  return (
    <View
      render="header"
      flexDirection="row"
      justifyContent="space-between"
      alignItems="flex-start"
      gap="$3"
      paddingTop={wide ? '$0' : '$3.5'}
      paddingBottom="$2.5"
    >
      <Column flexShrink={1} minWidth={0}>
        {label ? (
          <Words size="caps" tone="inkSoft">
            {label}
          </Words>
        ) : null}
        {above === undefined ? null : (
          <Words size="second" tone="inkSoft" oneLine aria-hidden>
            {above}
          </Words>
        )}
        <Words render="h1" size="heading">
          {title}
        </Words>
        {children}
      </Column>
      {tools ?? (wide ? null : <Tools />)}
    </View>
  )
}
