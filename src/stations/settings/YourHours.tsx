// When one works and how much of it is given to actions, weekday by weekday; private hours beside them, where both are
// told apart.
import { addDays, calendarDateUnsafe } from '@/core/time'
import { availableIn, hasPrivateHours, hoursOn } from '@/core/day'
import { readHours } from '@/core/day/readHours'
import { sides, type Side } from '@/core/record'
import { weekdays as keys } from '@/core/record/scales'
import { useAct, useHeld } from '@/held/zen'
import { select } from '@/state'
import { Button, Column, CommitField, Row, Words } from '@/ui'
import { hoursUnreadable, spansWords } from '@/words/hours'
import { weekdays } from './weekdays'

/** Any Monday: the hours of a weekday are asked for by a day. */
const monday = calendarDateUnsafe('2026-03-09')

const titles: Readonly<Record<Side, string>> = { work: 'Working hours', private: 'Private hours' }
const asHours = (minutes: number): string => String(Math.round((minutes / 60) * 100) / 100)

export function YourHours() {
  const act = useAct()
  const settings = useHeld(({ document }) => select.settingsOf(document))
  const areApart = hasPrivateHours(settings)
  const [evening, weekend] = [[{ from: 1080, to: 1260 }], [{ from: 540, to: 1260 }]]
  const tellApart = () =>
    act(
      'setSettings',
      { privateHours: Object.fromEntries(keys.map((key, at) => [key, at < 5 ? evening : weekend])) },
      { say: 'Private hours added. Change them to yours' },
    )
  return (
    <>
      {sides
        .filter((side) => side === 'work' || areApart)
        .map((side) => (
          <OfSide key={side} side={side} />
        ))}
      {areApart ? null : (
        <Row>
          <Button kind="quiet" label="Add private hours" marginLeft="$-2" onPress={tellApart} />
        </Row>
      )}
    </>
  )
}

function OfSide({ side }: { side: Side }) {
  const act = useAct()
  return (
    <Column render="section" aria-label={titles[side]} gap="$2">
      <Words render="h2" size="title">
        {titles[side]}
      </Words>
      <Words tone="inkSoft">
        {side === 'work'
          ? 'When you work, with breaks left out, and how many hours of it you can give to actions. What your events leave of it is what a day has.'
          : 'When you do private things. Each side is now measured against its own hours.'}
      </Words>
      <Column render="ul" aria-label={titles[side]}>
        {weekdays.map((name, index) => (
          <OneWeekday key={name} side={side} name={name} index={index} />
        ))}
      </Column>
      {side === 'private' ? (
        <Row>
          <Button
            kind="quiet"
            label="Remove private hours"
            marginLeft="$-2"
            onPress={() =>
              act('setSettings', { privateHours: {}, privateMinutes: {} }, { say: 'Private hours removed' })
            }
          />
        </Row>
      ) : null}
    </Column>
  )
}

function OneWeekday({ side, name, index }: { side: Side; name: string; index: number }) {
  const act = useAct()
  const settings = useHeld(({ document }) => select.settingsOf(document))
  const date = addDays(monday, index)
  const key = keys[index] as (typeof keys)[number]
  const most =
    side === 'work' ? (settings.availableMinutes[index] ?? 0) : availableIn(settings, date, null, 'private')
  const setHours = (text: string) => {
    const hours = readHours(text)
    if (!hours) return hoursUnreadable
    const field = side === 'work' ? 'workingHours' : 'privateHours'
    act('setSettings', { [field]: { ...settings[field], [key]: hours } }, { say: false })
    return null
  }
  const setMost = (text: string) => {
    const hours = Number(text.replace(',', '.'))
    if (text.trim() === '' || Number.isNaN(hours) || hours < 0 || hours > 24) return 'Hours from 0 to 24.'
    const minutes = Math.round(hours * 60)
    act(
      'setSettings',
      side === 'work'
        ? { availableMinutes: settings.availableMinutes.with(index, minutes) }
        : { privateMinutes: { ...settings.privateMinutes, [key]: minutes } },
      { say: false },
    )
    return null
  }
  return (
    <Row render="li" gap="$2.5" alignItems="flex-start" minHeight={52}>
      <Words width={92} paddingTop="$2.5" flexShrink={0}>
        {name}
      </Words>
      <Column flex={1} minWidth={0} maxWidth={320}>
        <CommitField
          label={`${titles[side]} on ${name}`}
          value={spansWords(hoursOn(settings, date, side))}
          maxLength={120}
          onCommit={setHours}
        />
      </Column>
      <Words tone="inkSoft" paddingTop="$2.5" flexShrink={0}>
        at most
      </Words>
      <Column width={64} flexShrink={0}>
        <CommitField
          label={`${side === 'work' ? 'At most' : 'Private, at most'} on ${name}`}
          inputMode="decimal"
          value={asHours(most)}
          onCommit={setMost}
        />
      </Column>
      <Words tone="inkSoft" paddingTop="$2.5" flexShrink={0}>
        h
      </Words>
    </Row>
  )
}
