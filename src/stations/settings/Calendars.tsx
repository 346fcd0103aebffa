// Calendars from elsewhere: what there are, and one more, from a link or a file.
import { useState } from 'react'
import { useStore } from 'zustand'
import type { Calendar } from '@/core/record'
import { calendarsHeld } from '@/held/calendars/calendarsHeld'
import { loadEngine, useEvents } from '@/held/calendars/useEvents'
import { useSaveCalendar } from '@/held/calendars/useSaveCalendar'
import { sideNames } from '@/held/side'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'
import { select } from '@/state'
import { hasBothSides, type SideChoice } from '@/state/read/sides'
import { areaInks, Button, Column, Field, Press, Row, SlideOver, Words } from '@/ui'
import { FileButton } from '@/ui/FileButton'
import { momentWords } from '@/words'

export function Calendars() {
  const calendars = useHeld(({ document }) => select.calendarsOf(document))
  const [isAdding, setAdding] = useState(false)
  const today = useToday()
  // They are read while they are looked at.
  useEvents(today, today)
  return (
    <Column render="section" aria-label="Calendars" gap="$2.5" alignItems="flex-start">
      <Words render="h2" size="title">
        Calendars
      </Words>
      {calendars.length === 0 ? (
        <Words tone="inkSoft">
          See the events of your calendars on the Day and Week sheets. Nothing is changed in them.
        </Words>
      ) : (
        <Column render="ul" aria-label="Calendars" width="100%">
          {calendars.map((calendar) => (
            <OneCalendar key={calendar.id} calendar={calendar} />
          ))}
        </Column>
      )}
      <Row gap="$2" flexWrap="wrap">
        <Button label="Add a calendar" aria-haspopup="dialog" onPress={() => setAdding(true)} />
        <SaveCalendar />
      </Row>
      {isAdding ? <AddCalendar onClose={() => setAdding(false)} /> : null}
    </Column>
  )
}

/** The person's own dates, for another program. */
function SaveCalendar() {
  const save = useSaveCalendar()
  const hasSides = useHeld(({ document }) => hasBothSides(document))
  const [isAsking, setAsking] = useState(false)
  const saveSide = (side: SideChoice) => {
    setAsking(false)
    void save({ kind: 'side', side }, side === 'both' ? 'Zen Tray' : `Zen Tray ${sideNames[side]}`)
  }
  return (
    <>
      <Button
        kind="quiet"
        label="Save your dates as a calendar"
        {...(hasSides ? { 'aria-haspopup': 'dialog' as const } : {})}
        onPress={() => (hasSides ? setAsking(true) : saveSide('both'))}
      />
      {isAsking ? (
        <SlideOver title="Save your dates as a calendar" onClose={() => setAsking(false)}>
          <Words>
            A file with fixed times, due dates and what is planned at an hour. Open it in another calendar
            program; saved again later, it replaces what is there.
          </Words>
          <Row gap="$2" flexWrap="wrap">
            <Button kind="main" label="Everything" onPress={() => saveSide('both')} />
            <Button label="Work" onPress={() => saveSide('work')} />
            <Button label="Private" onPress={() => saveSide('private')} />
          </Row>
        </SlideOver>
      ) : null}
    </>
  )
}

function OneCalendar({ calendar }: { calendar: Calendar }) {
  const { open } = useOpened()
  const { clock } = useZen()
  const today = useToday()
  const reading = useStore(calendarsHeld, ({ readings }) => readings[calendar.id])
  const said = () => {
    if (reading?.fault) return reading.fault
    if (reading?.isBusy) return 'Reading…'
    const at = reading?.readAtEpochMs ? `Read ${momentWords(reading.readAtEpochMs, clock.zone(), today)}` : ''
    return [at, calendar.isHidden ? 'hidden' : '', calendar.isFree ? 'takes no time' : '']
      .filter(Boolean)
      .join(' · ')
  }
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule">
      <Press width="100%" minHeight={52} gap="$3" paddingVertical="$2" onPress={() => open(calendar.id)}>
        <Column
          width={12}
          height={28}
          borderRadius={3}
          backgroundColor={areaInks[calendar.ink] as '#5B4A8A'}
        />
        <Column flex={1} minWidth={0}>
          <Words>{calendar.name}</Words>
          <Words size="second" tone={reading?.fault ? 'clay' : 'inkSoft'}>
            {said()}
          </Words>
        </Column>
      </Press>
    </Column>
  )
}

type Loaded = Awaited<ReturnType<typeof loadEngine>>
type Added = Awaited<ReturnType<Loaded['addCalendarLink']>>

function AddCalendar({ onClose }: { onClose: () => void }) {
  const zen = useZen()
  const act = useAct()
  const [link, setLink] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const [isReading, setReading] = useState(false)
  const add = (adding: (loaded: Loaded) => Promise<Added>) => {
    setProblem(null)
    setReading(true)
    void loadEngine()
      .then(adding)
      .then((added) => {
        if (added.ok) onClose()
        else setProblem(added.error)
      })
      .catch(() => setProblem('The calendar could not be read. Try again.'))
      .finally(() => setReading(false))
  }
  const addLink = () => add(({ addCalendarLink }) => addCalendarLink(zen, act, link))
  return (
    <SlideOver title="Add a calendar" onClose={onClose}>
      <Field
        label="Link to a calendar"
        shown
        placeholder="https://… or webcal://…"
        inputMode="url"
        autoFocus
        value={link}
        onChangeText={setLink}
        onSubmitEditing={addLink}
        problem={problem}
      />
      <Words size="second" tone="inkSoft">
        Most calendar programs give one under “share” or “publish”. It is read again every hour.
      </Words>
      <Row gap="$2.5" flexWrap="wrap" justifyContent="flex-end">
        <FileButton
          label="Choose a file"
          named="Calendar file"
          accept="text/calendar,.ics"
          disabled={isReading}
          onFile={(file) => add(({ addCalendarFile }) => addCalendarFile(zen, act, file))}
        />
        <Button
          kind="main"
          label={isReading ? 'Reading…' : 'Add'}
          disabled={isReading || link.trim() === ''}
          onPress={addLink}
        />
      </Row>
    </SlideOver>
  )
}
