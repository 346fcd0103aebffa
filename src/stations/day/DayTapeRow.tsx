// The tape of the day with its sentence; behind it, when asked for, the days to come and how much of today is
// available. While something is carried the days are there by themselves, over the page, to lay it on one.
import { useMedia } from '@tamagui/core'
import { useState } from 'react'
import { select } from '@/state'
import { AvailableToday, LoadGauge } from '@/parts/load/LoadGauge'
import { findRow } from '@/parts/rows/findRow'
import { useDesk } from '@/held/desk'
import { useDayTape } from '@/held/useLoads'
import { useHeld, useToday } from '@/held/zen'
import { Column, IconButton, Row, Words } from '@/ui'
import { duration } from '@/words'
import { DayStrip } from './DayStrip'

/** On a phone, `onHours` shows the day as hours in place of the list. */
export function DayTapeRow({ onHours }: { onHours: () => void }) {
  const { wide } = useMedia()
  const today = useToday()
  const available = useHeld(({ document }) => select.availableMinutesOn(document, today, 'work'))
  const [isUnfolded, setUnfolded] = useState(wide)
  const isCarrying = useDesk((state) => state.carrying)
  return (
    <Column>
      <LoadGauge
        {...useDayTape(today)}
        onFind={findRow}
        end={
          <Row className="no-print" flexShrink={0}>
            {wide ? null : <IconButton label="Show as hours" icon="hours" onPress={onHours} />}
            <IconButton
              label={isUnfolded ? 'Hide the days to come' : 'Show the days to come'}
              icon={isUnfolded ? 'up' : 'down'}
              aria-expanded={isUnfolded}
              onPress={() => setUnfolded(!isUnfolded)}
            />
          </Row>
        }
      />
      {isUnfolded ? (
        <>
          <DayStrip />
          <Row justifyContent="space-between" gap="$2">
            <Words size="second" tone="inkSoft">
              {duration(available)} available today
            </Words>
            <AvailableToday minutes={available} />
          </Row>
        </>
      ) : null}
      {isCarrying && !isUnfolded ? (
        <div className="days-over">
          <DayStrip />
        </div>
      ) : null}
    </Column>
  )
}
