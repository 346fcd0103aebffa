import { Link, usePathname } from 'expo-router'
import { View } from '@tamagui/core'
import { select } from '@/state'
import { Column, Icon, Row, Words, type IconName } from '@/ui'
import { stationWords } from './wording'
import { useHeld } from './zen'

const stations: readonly { key: keyof typeof stationWords & IconName; path: '/' | '/day' | '/week' | '/shelves' | '/review' }[] = [
  { key: 'tray', path: '/' }, { key: 'day', path: '/day' }, { key: 'week', path: '/week' }, { key: 'shelves', path: '/shelves' }, { key: 'review', path: '/review' },
]

const isAt = (pathname: string, path: string): boolean => (path === '/' ? pathname === '/' || pathname === '/sorting' : pathname.startsWith(path))

/** The five stations in the order of the work: a bar under the thumb, or a row in the head. */
export function StationLinks({ asBar }: { asBar: boolean }) {
  const pathname = usePathname()
  const slipCount = useHeld((state) => select.slipsOf(state.document).length)
  return (
    <View render="nav" aria-label="Stations" className="no-print" flexDirection="row" gap={asBar ? 0 : 6} justifyContent={asBar ? 'space-around' : 'flex-start'}>
      {stations.map(({ key, path }) => {
        const here = isAt(pathname, path)
        const counted = key === 'tray' && slipCount > 0
        return (
          <Link key={key} href={path} aria-label={stationWords[key]} aria-current={here ? 'page' : undefined} aria-description={counted ? `${slipCount} in the tray` : undefined} style={{ flex: asBar ? 1 : undefined, minWidth: 0, borderRadius: 3 }}>
            {asBar ? (
              <Column alignItems="center" gap={3} minHeight={58} justifyContent="center" borderTopWidth={3} borderColor={here ? '$brass' : 'transparent'} marginHorizontal={12} marginTop={-1} minWidth={44}>
                <Icon name={key} tone={here ? 'ink' : 'inkSoft'} />
                <Words size="small" strong={here} tone={here ? 'ink' : 'inkSoft'} whiteSpace="nowrap">{stationWords[key]}{counted ? ` ${slipCount}` : ''}</Words>
              </Column>
            ) : (
              <Row minHeight={64} paddingHorizontal={9} borderBottomWidth={3} borderTopWidth={3} borderTopColor="transparent" borderBottomColor={here ? '$brass' : 'transparent'} gap={5}>
                <Words strong={here} tone={here ? 'ink' : 'inkSoft'} whiteSpace="nowrap">{stationWords[key]}</Words>
                {counted ? <Words size="second" tone="inkSoft">{slipCount}</Words> : null}
              </Row>
            )}
          </Link>
        )
      })}
    </View>
  )
}
