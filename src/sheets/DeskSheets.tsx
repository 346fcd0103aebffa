// The sheets that slide over any station.
import { lazy, Suspense } from 'react'
import type { Id } from '@/core/record'
import { desk, type OpenSheet } from '@/held/desk'
import { heldCalendarId } from '@/state/read/offers'
import { LeaveProject } from '@/parts/shelves/lazyParts'
import { ChaseSheet } from './ChaseSheet'
import { EventSheet } from './EventSheet'
import { HorizonSheet } from './HorizonSheet'
import { KeysSheet } from './KeysSheet'
import { LayDownSheet } from './LayDownSheet'
import { MoreSheet } from './MoreSheet'
import { MovedThrice } from './MovedThrice'
import { MoveSheet } from './MoveSheet'
import { NoNextSheet } from './NoNextSheet'
import { OpenSteps } from './OpenSteps'
import { RemindersSheet } from './RemindersSheet'
import { SendTextSheet } from './SendTextSheet'
import { UseTemplate } from './UseTemplate'
import { WalkSheet } from './WalkSheet'

const SearchSheet = lazy(() => import('./search/SearchSheet'))
const OfferTimes = lazy(() =>
  import('./offers/offerSheets').then((module) => ({ default: module.OfferTimes })),
)
const HeldTimeSheet = lazy(() =>
  import('./offers/offerSheets').then((module) => ({ default: module.HeldTimeSheet })),
)

export default function DeskSheets({ sheet }: { sheet: OpenSheet }) {
  const close = () => desk.getState().closeSheet()
  const unask = () => desk.getState().ask(null)
  switch (sheet.kind) {
    case 'move':
      return <MoveSheet id={sheet.id} onClose={close} />
    case 'horizon':
      return <HorizonSheet id={sheet.id} onClose={close} />
    case 'movedThrice':
      return <MovedThrice id={sheet.id} onClose={unask} />
    case 'noNext':
      return <NoNextSheet id={sheet.id} onClose={unask} />
    case 'openSteps':
      return <OpenSteps id={sheet.id} onClose={close} />
    case 'chase':
      return <ChaseSheet id={sheet.id} onClose={close} />
    case 'sendText':
      return <SendTextSheet {...sheet} onClose={close} />
    case 'leaveProject':
      return <LeaveProject id={sheet.id} as={sheet.as} onClose={close} />
    case 'layDown':
      return <LayDownSheet id={sheet.id} onClose={close} />
    case 'useTemplate':
      return <UseTemplate {...sheet} onClose={close} />
    case 'walk':
      return <WalkSheet id={sheet.id} onClose={close} />
    case 'event':
      return sheet.event.calendarId === heldCalendarId ? (
        <Suspense fallback={null}>
          <HeldTimeSheet id={sheet.event.id as Id<'heldTime'>} onClose={close} />
        </Suspense>
      ) : (
        <EventSheet event={sheet.event} onClose={close} />
      )
    case 'offerTimes':
      return (
        <Suspense fallback={null}>
          <OfferTimes {...sheet} onClose={close} />
        </Suspense>
      )
    case 'reminders':
      return <RemindersSheet onClose={close} />
    case 'more':
      return <MoreSheet />
    case 'keys':
      return <KeysSheet onClose={close} />
    case 'search':
      return (
        <Suspense fallback={null}>
          <SearchSheet onClose={close} />
        </Suspense>
      )
  }
}
