// Reminders whose moment has come: a bar above the dock, the longest past first; the rest a touch away. What came due
// while nobody looked is gathered there.
import { useEffect, useRef } from 'react'
import { whenOf } from '@/core/reminder'
import type { Standing } from '@/state/read/reminding'
import { desk } from '@/held/desk'
import { notify } from '@/held/notify'
import { useOpened } from '@/held/useOpened'
import { useAct, useToday } from '@/held/zen'
import { Button, Press, Row, Words } from '@/ui'
import { momentSaid, shortened, when } from '@/words'
import { useBadge } from './useBadge'
import { useWaking } from './useWaking'
import { useStanding } from './useStanding'

export default function Reminding({ shown }: { shown: boolean }) {
  const standing = useStanding()
  useNotifying(standing)
  useBadge()
  useWaking()
  return shown && standing.length > 0 ? <ReminderBar standing={standing} /> : null
}

/** Shows what comes due while the application runs; what was missed before stands in the bar alone. */
function useNotifying(standing: readonly Standing[]): void {
  const today = useToday()
  const known = useRef<ReadonlySet<string> | null>(null)
  useEffect(() => {
    const before = known.current
    const nameOf = ({ reminder, moment }: Standing) => `${reminder.id} ${moment.date} ${moment.minute}`
    known.current = new Set([...(before ?? []), ...standing.map(nameOf)])
    if (!before) return
    for (const each of standing)
      if (!before.has(nameOf(each)))
        void notify(each.action.title, when(whenOf(each.moment), today), each.reminder.id)
  }, [standing, today])
}

function ReminderBar({ standing }: { standing: readonly Standing[] }) {
  const act = useAct()
  const today = useToday()
  const { open } = useOpened()
  const [first, ...others] = standing as [Standing, ...Standing[]]
  const { reminder, action, moment } = first
  return (
    <Row
      role="region"
      aria-label="Reminders"
      className="no-print"
      backgroundColor="$slip"
      borderTopWidth={1}
      borderColor="$brass"
      paddingHorizontal="$3"
      minHeight={52}
      justifyContent="center"
    >
      <Row flexShrink={1} gap="$1" width="100%" maxWidth={900}>
        <Press
          flex={1}
          minWidth={0}
          gap="$2"
          onPress={() => open(action.id)}
          aria-label={`${action.title}, ${momentSaid(moment, today)}`}
        >
          <Words tone="brass" flexShrink={0}>
            {momentSaid(moment, today)}
          </Words>
          <Words oneLine flexShrink={1} strong>
            {action.title}
          </Words>
        </Press>
        {others.length > 0 ? (
          <Button
            kind="quiet"
            label={`and ${others.length} more`}
            flexShrink={0}
            onPress={() => desk.getState().openSheet({ kind: 'reminders' })}
          />
        ) : (
          <Button
            kind="quiet"
            label="Later"
            aria-haspopup="dialog"
            onPress={() => desk.getState().openSheet({ kind: 'reminders' })}
          />
        )}
        <Button
          label="Seen"
          paddingHorizontal="$3"
          aria-label={`Seen: ${shortened(action.title)}`}
          onPress={() =>
            act('answerReminders', { answers: [{ id: reminder.id, moment: whenOf(moment) }] }, { say: false })
          }
        />
      </Row>
    </Row>
  )
}
