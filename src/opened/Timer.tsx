// The timer of an action: started and stopped while it is underway, and the minutes it took, which can be corrected.
import { useEffect, useState } from 'react'
import { isOpen } from '@/core/action'
import type { Action } from '@/core/record'
import { owned } from '@/state'
import { OpenedMinutesChooser } from '@/parts/choosers/useChooser'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { Button, Row, Words } from '@/ui'
import { duration, momentWords } from '@/words'

export function Timer({ action }: { action: Action }) {
  const act = useAct()
  const { clock } = useZen()
  const document = useHeldDocument()
  const today = useToday()
  const [isCorrecting, setCorrecting] = useState(false)
  const { id, startedAtEpochMs, timerFromEpochMs } = action
  const taken = owned.minutesTakenOf(document, action)
  const running = useMinutesSince(timerFromEpochMs)
  const isUnderway = startedAtEpochMs !== null && isOpen(action)
  if (!isUnderway && taken === null && isOpen(action)) return null
  const told = [
    isUnderway ? `underway since ${momentWords(startedAtEpochMs, clock.zone(), today)}` : null,
    running === null ? null : `timed ${duration(running)}`,
  ].filter(Boolean)
  const isTold = told.length > 0
  return (
    <Row gap="$1" flexWrap="wrap">
      {isTold ? (
        <Words size="second" tone="inkSoft" paddingRight="$2">
          {told.join(' · ')}
        </Words>
      ) : null}
      {isUnderway ? (
        <Button
          kind="quiet"
          label={timerFromEpochMs === null ? 'Start timer' : 'Stop timer'}
          onPress={() => act(timerFromEpochMs === null ? 'startTimer' : 'stopTimer', { id }, { say: false })}
        />
      ) : null}
      <Button
        kind="quiet"
        marginLeft={isTold ? '$0' : '$-2'}
        label={taken === null ? 'How long did it take?' : `took ${duration(taken)}`}
        aria-haspopup="dialog"
        onPress={() => setCorrecting(true)}
      />
      {isCorrecting ? (
        <OpenedMinutesChooser
          title="What it took"
          minutes={taken}
          onChoose={(minutes) => act('correctTaken', { id, minutes }, { say: false })}
          onClose={() => setCorrecting(false)}
        />
      ) : null}
    </Row>
  )
}

/** Whole minutes since an instant, counted on while they are looked at; null where nothing runs. */
function useMinutesSince(epochMs: number | null): number | null {
  const { clock } = useZen()
  const [now, setNow] = useState(() => clock.nowEpochMs())
  useEffect(() => {
    if (epochMs === null) return
    const timer = setInterval(() => setNow(clock.nowEpochMs()), 15_000)
    return () => clearInterval(timer)
  }, [clock, epochMs])
  return epochMs === null ? null : Math.max(0, Math.floor((Math.max(now, epochMs) - epochMs) / 60_000))
}
