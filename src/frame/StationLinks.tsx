import { Link, usePathname } from 'expo-router'
import { View } from '@tamagui/core'
import { lists, select } from '@/state'
import { Column, Icon, Row, Words, type IconName } from '@/ui'
import { stationWords } from '@/words'
import { useHeld, useToday } from '@/held/zen'

const stations: readonly {
  key: keyof typeof stationWords & IconName
  path: '/' | '/day' | '/week' | '/shelves' | '/review'
}[] = [
  { key: 'tray', path: '/' },
  { key: 'day', path: '/day' },
  { key: 'week', path: '/week' },
  { key: 'shelves', path: '/shelves' },
  { key: 'review', path: '/review' },
]

const isAt = (pathname: string, path: string): boolean =>
  path === '/' ? pathname === '/' || pathname === '/sorting' : pathname.startsWith(path)

/** The five stations in the order of the work: a bar under the thumb, or a row in the head. */
export function StationLinks({ asBar }: { asBar: boolean }) {
  const pathname = usePathname()
  const today = useToday()
  const waitingCount = useHeld(
    ({ document }) => select.slipsOf(document).length + lists.cameBackOf(document, today).length,
  )
  return (
    <View
      render="nav"
      aria-label="Stations"
      className="no-print"
      flexDirection="row"
      gap={asBar ? '$0' : '$1.5'}
      justifyContent={asBar ? 'space-around' : 'flex-start'}
    >
      {stations.map(({ key, path }) => {
        const here = isAt(pathname, path)
        const counted = key === 'tray' && waitingCount > 0
        return (
          <View
            key={key}
            position="relative"
            flex={asBar ? 1 : undefined}
            minWidth={0}
            flexDirection="row"
            alignItems="center"
          >
            <Link
              href={path}
              aria-current={here ? 'page' : undefined}
              aria-describedby={counted ? 'tray-count' : undefined}
              style={{ flex: asBar ? 1 : undefined, minWidth: 0, borderRadius: 3 }}
            >
              {asBar ? (
                <Column
                  alignItems="center"
                  gap="$1"
                  minHeight={58}
                  justifyContent="center"
                  borderTopWidth={3}
                  borderColor={here ? '$brass' : 'transparent'}
                  marginHorizontal="$3"
                  marginTop="$-0.5"
                  minWidth={44}
                >
                  <Icon name={key} tone={here ? 'ink' : 'inkSoft'} />
                  <Words size="small" strong={here} tone={here ? 'ink' : 'inkSoft'} whiteSpace="nowrap">
                    {stationWords[key]}
                  </Words>
                </Column>
              ) : (
                <Row
                  minHeight={64}
                  paddingHorizontal="$2.5"
                  borderBottomWidth={3}
                  borderTopWidth={3}
                  borderTopColor="transparent"
                  borderBottomColor={here ? '$brass' : 'transparent'}
                >
                  <Words strong={here} tone={here ? 'ink' : 'inkSoft'} whiteSpace="nowrap">
                    {stationWords[key]}
                  </Words>
                </Row>
              )}
            </Link>
            {counted ? (
              <span id="tray-count" className="visually-hidden">
                {waitingCount} in the Tray
              </span>
            ) : null}
            {counted ? (
              <Words
                size={asBar ? 'small' : 'second'}
                tone="inkSoft"
                aria-hidden
                pointerEvents="none"
                {...(asBar
                  ? ({ position: 'absolute', top: 8, left: '50%', marginLeft: 14 } as const)
                  : { marginLeft: -4, marginRight: 6 })}
              >
                {waitingCount}
              </Words>
            ) : null}
          </View>
        )
      })}
    </View>
  )
}
