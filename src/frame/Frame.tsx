// What stands around every station: the head or the dock, the capture line, notices, and the sheets that slide over.
import { useMedia, View } from '@tamagui/core'
import { Link, usePathname } from 'expo-router'
import { lazy, Suspense, useEffect, useLayoutEffect, useRef, type ReactNode } from 'react'
import { Column, OverSheets, Row, SheetTools, Words } from '@/ui'
import { AddAThought } from '@/parts/capture/AddAThought'
import { RowSurroundingsProvider } from '@/parts/rows/surroundings'
import { CaptureLine } from '@/parts/capture/CaptureLine'
import { desk, useDesk } from '@/held/desk'
import { BackupAsk } from './BackupAsk'
import { beginAtHeading } from '@/held/keepFocus'
import { KeepingNotice } from './KeepingNotice'
import { useStationKeys } from './useStationKeys'
import { Mishap } from './Mishap'
import { ChosenTogether, Opened } from './onDemand'
import { Reminders } from './Reminders'
import { NoticeBar, NoticeInSheet, NoticeSpoken } from './NoticeStrip'
import { useTheming } from '@/held/theme'
import { useHeld } from '@/held/zen'
import { select } from '@/state'
import { useOpened } from '@/held/useOpened'
import { WideTools } from './StationHead'
import { StationLinks } from './StationLinks'
import { stationWords } from '@/words'

const DeskSheets = lazy(() => import('@/sheets/DeskSheets'))
const CaptureSheet = lazy(() => import('@/sheets/CaptureSheet'))

/** The line where it always is; it is not there twice while it is over what is open. */
function LineInPlace(props: { chipsBelow?: boolean }) {
  const isElsewhere = useDesk((state) => state.capturing)
  return isElsewhere ? (
    <View flex={props.chipsBelow ? 1 : undefined} height={46} />
  ) : (
    <CaptureLine {...props} />
  )
}

function WideHead() {
  const { roomy } = useMedia()
  const { shown } = useTheming()
  return (
    <View
      render="header"
      className="no-print"
      position={'sticky' as 'absolute'}
      top={0}
      zIndex={20}
      backgroundColor="$paper"
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Row gap="$4.5" paddingHorizontal="$6" maxWidth={1640} width="100%" alignSelf="center">
        <Link href="/" aria-label="Zen Tray" style={{ flexShrink: 0, borderRadius: 3 }}>
          <Row gap="$2.5" minHeight={44}>
            <img src={shown === 'dark' ? '/icon-lamp.svg' : '/icon.svg'} alt="" width={28} height={28} />
            {roomy ? (
              <Words size="title" whiteSpace="nowrap">
                Zen Tray
              </Words>
            ) : null}
          </Row>
        </Link>
        <StationLinks asBar={false} />
        <LineInPlace chipsBelow />
        <WideTools />
      </Row>
    </View>
  )
}

/**
 * Bars at the foot of the page. How high they are is told to the page (`--foot`), so that nothing else stands under
 * them.
 */
function Foot({ children }: { children: ReactNode }) {
  const ref = useRef<HTMLElement>(null)
  useLayoutEffect(() => {
    const bar = ref.current
    const { style } = document.documentElement
    const tell = () => style.setProperty('--foot', `${bar?.offsetHeight ?? 0}px`)
    const watcher = new ResizeObserver(tell)
    if (bar) watcher.observe(bar)
    tell()
    return () => {
      watcher.disconnect()
      style.setProperty('--foot', '0px')
    }
  }, [])
  return (
    <View
      ref={ref as never}
      className="no-print"
      position={'fixed' as 'absolute'}
      bottom={0}
      left={0}
      right={0}
      zIndex={20}
      backgroundColor="$paper"
      style={{ paddingBottom: 'env(safe-area-inset-bottom)' }}
    >
      {children}
    </View>
  )
}

/** What several actions chosen together can be told, in the place of the dock. */
const Together = () => (
  <Foot>
    <NoticeBar />
    <Suspense fallback={null}>
      <ChosenTogether />
    </Suspense>
  </Foot>
)

/** On a phone: what just happened, the capture line, the stations. */
const Dock = () => (
  <Foot>
    <Reminders shown />
    <NoticeBar />
    <Column paddingHorizontal="$3" paddingTop="$2.5" gap="$1" borderTopWidth={1} borderColor="$rule">
      <LineInPlace />
      <StationLinks asBar />
    </Column>
  </Foot>
)

/** "Day · Zen Tray", for the tab and the ear. */
function titleOf(pathname: string): string {
  const names: Record<string, string> = {
    ...stationWords,
    '': stationWords.tray,
    sorting: 'Sorting',
    settings: 'Settings',
    help: 'Help',
    glance: 'At a glance',
  }
  const name = names[pathname.split('/')[1] ?? '']
  return name ? `${name} · Zen Tray` : 'Zen Tray'
}

const noticeInSheet = <NoticeInSheet />
const addAThought = <AddAThought />

/** Room below the station, so that its end can be scrolled clear of what stands at the foot, however high that is. */
const roomAtFoot = 'calc(var(--foot, 0px) + 72px + env(safe-area-inset-bottom))'

export function Frame({ children }: { children: ReactNode }) {
  const { wide } = useMedia()
  const { opened, over } = useOpened()
  const openSheet = useDesk((state) => state.sheet)
  const asked = useDesk((state) => state.asked)
  // What has no next action asks for it in its own page, where that is opened.
  const isAskedThere = asked !== null && asked.id === opened
  useEffect(() => {
    if (isAskedThere) desk.getState().ask(null)
  }, [isAskedThere])
  const sheet = openSheet ?? (isAskedThere ? null : asked)
  const pathname = usePathname()
  const isChoosing = useDesk((state) => state.chosen.length > 0)
  const isCapturing = useDesk((state) => state.capturing)
  const isSorting = useHeld((state) => pathname === '/sorting' && select.slipsOf(state.document).length > 0)
  // While slips are being sorted on a phone, the capture line and the stations step aside: the compartments need the
  // room.
  const docked = !wide && !isSorting
  useStationKeys()
  useEffect(() => {
    document.title = titleOf(pathname)
    desk.getState().chooseNone()
  }, [pathname])
  // With the picture of the new station, before anything looks for what had the focus.
  useLayoutEffect(beginAtHeading, [pathname])
  const asks = sheet ? (
    <Mishap place={sheet.kind}>
      <DeskSheets sheet={sheet} />
    </Mishap>
  ) : null
  if (pathname === '/glance')
    return (
      <OverSheets.Provider value={noticeInSheet}>
        {children}
        <NoticeSpoken />
        <Foot>
          <NoticeBar />
        </Foot>
        <Suspense fallback={null}>{asks}</Suspense>
      </OverSheets.Provider>
    )
  return (
    <OverSheets.Provider value={noticeInSheet}>
      <SheetTools.Provider value={addAThought}>
        <Column flexGrow={1} flexShrink={0} flexBasis="auto" minHeight="100%" backgroundColor="$desk">
          <a href="#station" className="visually-hidden skip">
            Skip to the station
          </a>
          {wide ? <WideHead /> : null}
          <View
            render="main"
            id="station"
            flexGrow={1}
            flexShrink={0}
            flexBasis="auto"
            width="100%"
            maxWidth={1640}
            alignSelf="center"
            paddingHorizontal={wide ? '$6' : '$3'}
            paddingTop={wide ? '$5.5' : '$0'}
            style={{ paddingBottom: isSorting ? '12px' : roomAtFoot }}
          >
            <KeepingNotice />
            {pathname === '/' || pathname === '/review' ? <BackupAsk /> : null}
            <Mishap place={pathname}>
              <RowSurroundingsProvider>{children}</RowSurroundingsProvider>
            </Mishap>
          </View>
          <NoticeSpoken />
          {isChoosing && !(over && opened) ? <Together /> : null}
          {docked && !isChoosing ? <Dock /> : null}
          {wide && !isChoosing ? (
            <Foot>
              <Reminders shown />
              <NoticeBar />
            </Foot>
          ) : null}
          {isChoosing || !(docked || wide) ? <Reminders shown={false} /> : null}
          <Suspense fallback={null}>
            {over && opened ? (
              <Mishap place={opened}>
                <RowSurroundingsProvider>
                  <Opened id={opened} over />
                </RowSurroundingsProvider>
              </Mishap>
            ) : null}
            {asks}
            {isCapturing ? <CaptureSheet /> : null}
          </Suspense>
        </Column>
      </SheetTools.Provider>
    </OverSheets.Provider>
  )
}
