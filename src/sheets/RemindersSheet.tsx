// Every reminder that stands: seen, snoozed to a usual time or any other, opened; or all of them seen at once.
import { useEffect, useState } from 'react'
import { snoozeWords } from '@/words/repeat'
import { usualSnoozes, whenOf } from '@/core/reminder'
import { fromMinute, localMomentAt } from '@/core/time'
import { select } from '@/state'
import { dueReminders, type Standing } from '@/state/read/reminding'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { Button, Column, Press, Row, SlideOver, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { count, momentSaid, shortened, when } from '@/words'

export function RemindersSheet({ onClose }: { onClose: () => void }) {
  const act = useAct()
  const { clock } = useZen()
  const document = useHeldDocument()
  const standing = dueReminders(document, localMomentAt(clock.nowEpochMs(), clock.zone()))
  const isEmpty = standing.length === 0
  useEffect(() => {
    if (isEmpty) onClose()
  }, [isEmpty, onClose])
  const answers = standing.map(({ reminder, moment }) => ({ id: reminder.id, moment: whenOf(moment) }))
  return (
    <SlideOver title={count(standing.length, 'reminder')} onClose={onClose}>
      <Column render="ul" aria-label="Reminders" gap="$3">
        {standing.map((each) => (
          <OneReminder key={each.reminder.id} standing={each} onOpen={onClose} />
        ))}
      </Column>
      {standing.length > 1 ? (
        <Row>
          <Button
            kind="main"
            label="All seen"
            onPress={() => act('answerReminders', { answers }, { say: 'All reminders seen' })}
          />
        </Row>
      ) : null}
    </SlideOver>
  )
}

function OneReminder({
  standing: { reminder, action, moment },
  onOpen,
}: {
  standing: Standing
  onOpen: () => void
}) {
  const act = useAct()
  const { clock } = useZen()
  const today = useToday()
  const { open } = useOpened()
  const document = useHeldDocument()
  const [isChoosing, setChoosing] = useState(false)
  const now = localMomentAt(clock.nowEpochMs(), clock.zone())
  const answer = { id: reminder.id, moment: whenOf(moment) }
  const title = shortened(action.title)
  const snooze = (to: ReturnType<typeof whenOf>) =>
    act('snoozeReminder', { ...answer, to }, { say: `Snoozed to ${when(to, today)}: ${title}` })
  return (
    <Column render="li" gap="$1" borderBottomWidth={1} borderColor="$rule" paddingBottom="$2">
      <Row gap="$2">
        <Press
          flex={1}
          minWidth={0}
          gap="$2"
          aria-label={`${action.title}, ${momentSaid(moment, today)}`}
          onPress={() => {
            onOpen()
            open(action.id)
          }}
        >
          <Words tone="brass" flexShrink={0}>
            {momentSaid(moment, today)}
          </Words>
          <Words strong flexShrink={1}>
            {action.title}
          </Words>
        </Press>
        <Button
          label="Seen"
          aria-label={`Seen: ${title}`}
          paddingHorizontal="$3"
          onPress={() => act('answerReminders', { answers: [answer] }, { say: false })}
        />
      </Row>
      <Row gap="$1" flexWrap="wrap" role="group" aria-label={`Snooze: ${title}`} marginLeft="$-2">
        {usualSnoozes(now, select.settingsOf(document)).map(({ kind, moment }) => (
          <Button key={kind} kind="quiet" label={snoozeWords[kind]} onPress={() => snooze(whenOf(moment))} />
        ))}
        <Button kind="quiet" label="another time…" aria-haspopup="dialog" onPress={() => setChoosing(true)} />
      </Row>
      {isChoosing ? (
        <OpenedDayChooser
          title="Remind me"
          date={today}
          time={fromMinute(Math.min(now.minute + 60, 1439))}
          onChoose={(date, time) => {
            if (date) snooze({ date, time })
          }}
          onClose={() => setChoosing(false)}
        />
      ) : null}
    </Column>
  )
}
