// How Zen Tray looks and counts for this person, and where their data goes.
import { useRouter } from 'expo-router'
import { select } from '@/state'
import { useReader } from '@/held/reader'
import { Button, Choice, Column, CommitField, Row, Words } from '@/ui'
import { fromMinute, toMinute } from '@/core/time'
import { DeskLayout } from '@/frame/DeskLayout'
import { desk } from '@/held/desk'
import { StationHead } from '@/frame/StationHead'
import { useTheming, type ThemeChoice } from '@/held/theme'
import { useAct, useHeld } from '@/held/zen'
import { Calendars } from './Calendars'
import { DaysAway } from '@/parts/away/lazyAway'
import { WaysIn } from './WaysIn'
import { weekdays } from './weekdays'
import { YourData } from './YourData'
import { YourHours } from './YourHours'

const themes: readonly { value: ThemeChoice; label: string }[] = [
  { value: 'system', label: 'as the system' },
  { value: 'paper', label: 'paper' },
  { value: 'lamp', label: 'lamp' },
]
/** Monday, Saturday and Sunday: the days on which weeks begin somewhere. */
const weekStarts = [0, 5, 6]

export function SettingsStation() {
  const { choice, choose } = useTheming()
  const router = useRouter()
  return (
    <Column width="100%" maxWidth={760} alignSelf="center">
      <DeskLayout>
        <StationHead title="Settings" />
        <Column gap="$6">
          <Column render="section" aria-label="Theme" gap="$2">
            <Words render="h2" size="title">
              Theme
            </Words>
            <Choice label="Theme" shown={false} options={themes} chosen={[choice]} onToggle={choose} />
          </Column>
          <YourHours />
          <DaysAway />
          <YourDays />
          <Calendars />
          <Column render="section" aria-label="Help" gap="$2" alignItems="flex-start">
            <Words render="h2" size="title">
              Help
            </Words>
            <Button label="Open the help" onPress={() => router.navigate('/help')} />
          </Column>
          <Column render="section" aria-label="Keys" gap="$2" alignItems="flex-start">
            <Words render="h2" size="title">
              Keys
            </Words>
            <Button
              label="See and change the keys"
              onPress={() => desk.getState().openSheet({ kind: 'keys' })}
            />
          </Column>
          <WaysIn />
          <YourData />
        </Column>
      </DeskLayout>
    </Column>
  )
}

function YourDays() {
  const act = useAct()
  const settings = useHeld((state) => select.settingsOf(state.document))
  return (
    <Column render="section" aria-label="Your days" gap="$2.5">
      <Words render="h2" size="title">
        Your days
      </Words>
      <Row gap="$4" flexWrap="wrap" alignItems="flex-end">
        <TimeOfDay
          label="The day begins at"
          minute={settings.dayStartsAtMinute}
          example="08:30"
          onSet={(minute) => act('setSettings', { dayStartsAtMinute: minute }, { say: false })}
        />
        <TimeOfDay
          label="The day ends at"
          minute={settings.dayEndsAtMinute}
          example="18:00"
          after={settings.dayStartsAtMinute}
          onSet={(minute) => act('setSettings', { dayEndsAtMinute: minute }, { say: false })}
        />
        <Column gap="$1" flexShrink={1}>
          <Words size="second" tone="inkSoft">
            The week begins on
          </Words>
          <Choice
            label="The week begins on"
            shown={false}
            options={weekStarts.map((weekday) => ({
              value: String(weekday),
              label: weekdays[weekday] ?? '',
            }))}
            chosen={[String(settings.weekStartsOn)]}
            onToggle={(value) => act('setSettings', { weekStartsOn: Number(value) }, { say: false })}
          />
        </Column>
        <Column gap="$1" flexShrink={1}>
          <Words size="second" tone="inkSoft">
            Most actions underway at once
          </Words>
          <Choice
            label="Most actions underway at once"
            shown={false}
            options={['1', '2', '3', '4', '5'].map((value) => ({ value, label: value }))}
            chosen={[String(settings.underwayLimit)]}
            onToggle={(value) => act('setSettings', { underwayLimit: Number(value) }, { say: false })}
          />
        </Column>
      </Row>
    </Column>
  )
}

function TimeOfDay({
  label,
  minute,
  example,
  after = -1,
  onSet,
}: {
  label: string
  minute: number
  example: string
  /** It must be later than this minute. */
  after?: number
  onSet: (minute: number) => void
}) {
  const reader = useReader()
  return (
    <Column width={140}>
      <CommitField
        label={label}
        shown
        value={fromMinute(Math.min(1439, minute))}
        maxLength={12}
        onCommit={(text) => {
          const time = reader.readTime(text.trim().toLowerCase())
          if (!time) return `I can’t read that. Try ${example}.`
          if (toMinute(time) <= after) return `Choose a time after ${fromMinute(after)}.`
          onSet(toMinute(time))
          return null
        }}
      />
    </Column>
  )
}
