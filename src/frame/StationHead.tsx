import type { ReactNode } from 'react'
import { useMedia, View } from '@tamagui/core'
import { Link, usePathname, useRouter } from 'expo-router'
import { Column, Icon, IconButton, Press, Row, Words } from '@/ui'
import { desk } from '@/held/desk'
import { sideChoices, sideNames, useSide } from '@/held/side'
import { useHeld, useUndo } from '@/held/zen'
import { hasBothSides } from '@/state/read/sides'

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

/** Which side of life is shown, here and everywhere; not there where there is only one. */
function SideSwitch() {
  const [side, setSide] = useSide()
  const isChoosing = useHeld(({ document }) => hasBothSides(document))
  if (!isChoosing) return null
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

const openSearch = () => desk.getState().openSheet({ kind: 'search' })

/** The side, undo, redo, search and settings of a wide page. */
export function WideTools() {
  const { undo, redo, canUndo, canRedo } = useUndo()
  const router = useRouter()
  const pathname = usePathname()
  return (
    <Row gap="$0" flexShrink={0}>
      <SideSwitch />
      <IconButton label="Undo" icon="undo" onPress={undo} disabled={!canUndo} />
      {canRedo ? <IconButton label="Redo" icon="redo" onPress={redo} /> : null}
      <IconButton label="Search" icon="search" onPress={openSearch} />
      <IconButton
        label="Help with this station"
        icon="info"
        onPress={() => router.navigate({ pathname: '/help', params: { from: pathname } })}
      />
      <SettingsLink />
    </Row>
  )
}

/** What a phone has at every station: search, undo, and the rest behind one button. */
export function Tools({ own }: { own?: ReactNode }) {
  const { undo, canUndo } = useUndo()
  return (
    <Row gap="$0" flexShrink={0} marginRight="$-2">
      {own}
      <IconButton label="Search" icon="search" onPress={openSearch} />
      <IconButton label="Undo" icon="undo" onPress={undo} disabled={!canUndo} />
      <IconButton
        label="More"
        icon="more"
        aria-haspopup="dialog"
        onPress={() => desk.getState().openSheet({ kind: 'more' })}
      />
    </Row>
  )
}

/** Says which side is shown where one of them is left out, and shows both again. */
function OnlyOneSide() {
  const [side, setSide] = useSide()
  return side === 'both' ? null : (
    <Press
      alignSelf="flex-start"
      minHeight={28}
      gap="$1"
      aria-label={`Only ${sideNames[side]} is shown. Show both`}
      onPress={() => setSide('both')}
    >
      <Words size="second" tone="brass">
        Only {sideNames[side]}
      </Words>
      <Icon name="close" size={14} tone="brass" />
    </Press>
  )
}

/** A station's heading. On a phone the tools stand beside it; wide, they are in the head of the page. */
export function StationHead({
  label,
  above,
  title,
  children,
  tools,
  own,
}: {
  label?: string
  /** A line in the label's place, for what changes while one works; not for the ear, which hears it elsewhere. */
  above?: string
  title: string
  children?: ReactNode
  /** Instead of the usual tools. */
  tools?: ReactNode
  /** Of this station alone, beside the usual tools. */
  own?: ReactNode
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
        {wide ? null : <OnlyOneSide />}
        {children}
      </Column>
      {tools ?? (wide ? own : <Tools own={own} />)}
    </View>
  )
}
