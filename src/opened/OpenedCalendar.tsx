// A calendar opened: how it was read, what it is called, and how its events are shown.
import { useState } from 'react'
import { useStore } from 'zustand'
import type { Calendar } from '@/core/record'
import { calendarsHeld } from '@/held/calendars/calendarsHeld'
import { loadEngine } from '@/held/calendars/useEvents'
import { useOpened } from '@/held/useOpened'
import { useAct, useToday, useZen } from '@/held/zen'
import { EditText } from '@/parts/text/EditText'
import { Button, Choice, Column, CommitField, Words } from '@/ui'
import { momentWords, refusalWords } from '@/words'
import { InkChoice } from './InkChoice'
import { OpenedFoot } from './OpenedFoot'
import { roomForActs } from './roomForActs'

const sideOptions = [
  { value: 'work', label: 'work' },
  { value: 'private', label: 'private' },
  { value: 'both', label: 'both' },
] as const
const shownOptions = [
  { value: 'busy', label: 'take time' },
  { value: 'free', label: 'take no time' },
  { value: 'hidden', label: 'are hidden' },
] as const

const shownAs = ({ isHidden, isFree }: Calendar): (typeof shownOptions)[number]['value'] => {
  if (isHidden) return 'hidden'
  return isFree ? 'free' : 'busy'
}

export function OpenedCalendar({ calendar }: { calendar: Calendar }) {
  const act = useAct()
  const { close } = useOpened()
  const { id, link } = calendar
  const edit = (patch: Parameters<typeof act<'editCalendar'>>[1]['patch'], typing = {}) =>
    act('editCalendar', { id, patch }, { say: false, atField: true, ...typing })
  return (
    <Column gap="$3.5" flexGrow={1}>
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        Calendar
      </Words>
      <EditText
        name={`${id} name`}
        label="Name"
        size="title"
        value={calendar.name}
        needed="It needs a name."
        onKeep={(name, typing) => edit({ name }, typing)}
      />
      <HowRead calendar={calendar} />
      <Choice
        label="Its events"
        options={shownOptions}
        chosen={[shownAs(calendar)]}
        onToggle={(value) => edit({ isHidden: value === 'hidden', isFree: value === 'free' })}
      />
      <Choice
        label="Side"
        options={sideOptions}
        chosen={[calendar.side ?? 'both']}
        onToggle={(value) => edit({ side: value === 'both' ? null : value })}
      />
      <InkChoice ink={calendar.ink} onChoose={(ink) => edit({ ink })} />
      {link === null ? null : (
        <CommitField
          label="Link"
          shown
          value={link}
          onCommit={(text) => {
            const outcome = edit({ link: text })
            return outcome.ok || outcome.error.kind === 'nothingToDo' ? null : refusalWords(outcome.error)
          }}
        />
      )}
      <OpenedFoot main={link === null ? null : <ReadAgain calendar={calendar} />}>
        <Button
          kind="quiet"
          label="Remove"
          onPress={() => {
            if (act('removeCalendar', { id }).ok) close()
          }}
        />
      </OpenedFoot>
    </Column>
  )
}

function HowRead({ calendar: { id } }: { calendar: Calendar }) {
  const { clock } = useZen()
  const today = useToday()
  const reading = useStore(calendarsHeld, ({ readings }) => readings[id])
  if (!reading) return null
  const { isBusy, readAtEpochMs, fault, left } = reading
  const read = readAtEpochMs === null ? '' : `Read ${momentWords(readAtEpochMs, clock.zone(), today)}.`
  return (
    <Column gap="$1" role="status">
      {fault ? <Words tone="clay">{fault}</Words> : null}
      <Words size="second" tone="inkSoft">
        {[isBusy ? 'Reading…' : read, left].filter(Boolean).join(' ')}
      </Words>
    </Column>
  )
}

function ReadAgain({ calendar: { id } }: { calendar: Calendar }) {
  const zen = useZen()
  const isBusy = useStore(calendarsHeld, ({ readings }) => readings[id]?.isBusy ?? false)
  const [isAsking, setAsking] = useState(false)
  const read = () => {
    setAsking(true)
    void loadEngine()
      .then(({ engineOf }) => engineOf(zen).refresh(id))
      .catch(() => {})
      .finally(() => setAsking(false))
  }
  return <Button kind="main" label="Read again" disabled={isBusy || isAsking} onPress={read} />
}
