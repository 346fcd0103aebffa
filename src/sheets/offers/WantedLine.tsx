// What is wanted of the times, as a line of chips: each opens what sets it.
import { useState } from 'react'
import { readHours } from '@/core/day/readHours'
import { useHeld } from '@/held/zen'
import { OpenedMinutesChooser, OpenedNameChooser } from '@/parts/choosers/useChooser'
import { ChooserSheet } from '@/parts/choosers/ChooserSheet'
import { select } from '@/state'
import { Button, Choice, Field, Row, SaidChip } from '@/ui'
import { duration } from '@/words'
import { weekdayNames, weekdaysWords } from '@/words/contexts'
import { hoursUnreadable, spansWords } from '@/words/hours'
import type { MeetingHours } from '@/state/read/freeTimes'
import { zoneName } from '@/words/events'
import { spans, type Wanted } from './useOffer'

interface Setting {
  readonly wanted: Wanted
  readonly onSet: (patch: Partial<Wanted>) => void
}

type Ask = 'minutes' | 'span' | 'weekdays' | 'hours' | 'most' | 'zone'

const hourOptions = [
  { value: 'working', label: 'working hours' },
  { value: 'mornings', label: 'mornings' },
  { value: 'afternoons', label: 'afternoons' },
] as const
const hoursSaid = (hours: MeetingHours): string =>
  hourOptions.find(({ value }) => value === hours)?.label ??
  spansWords(hours as Exclude<MeetingHours, string>)

const many = [3, 5, 8, 12] as const

export function WantedLine({ wanted, onSet }: Setting) {
  const [asked, setAsked] = useState<{ readonly ask: Ask; readonly anchor: DOMRect | null } | null>(null)
  const close = () => setAsked(null)
  const chips: readonly (readonly [Ask, string])[] = [
    ['minutes', duration(wanted.minutes)],
    ['span', spans.find(({ value }) => value === wanted.span)?.label ?? ''],
    ['weekdays', weekdaysWords(wanted.weekdays)],
    ['hours', hoursSaid(wanted.hours)],
    ['most', `up to ${wanted.most}`],
    ['zone', wanted.zone ? `${zoneName(wanted.zone)} time` : 'your time zone'],
  ]
  return (
    <>
      <Row gap="$2" flexWrap="wrap" role="group" aria-label="What you want to offer">
        {chips.map(([ask, text]) => (
          <SaidChip
            key={ask}
            text={text}
            quiet={ask === 'zone' && wanted.zone === null}
            onPress={() => setAsked({ ask, anchor: document.activeElement?.getBoundingClientRect() ?? null })}
          />
        ))}
      </Row>
      {asked ? <Asked {...asked} wanted={wanted} onSet={onSet} onClose={close} /> : null}
    </>
  )
}

function Asked({
  ask,
  anchor,
  wanted,
  onSet,
  onClose,
}: Setting & { ask: Ask; anchor: DOMRect | null; onClose: () => void }) {
  const weekStartsOn = useHeld(({ document }) => select.settingsOf(document).weekStartsOn)
  const sheet = { anchor, onClose }
  switch (ask) {
    case 'minutes':
      return (
        <OpenedMinutesChooser
          {...sheet}
          title="How long"
          minutes={wanted.minutes}
          isNeeded
          onChoose={(minutes) => minutes && onSet({ minutes })}
        />
      )
    case 'span':
      return (
        <ChooserSheet {...sheet} title="When">
          <Choice
            shown={false}
            label="When"
            options={spans}
            chosen={[wanted.span]}
            onToggle={(span) => onSet({ span })}
            onPick={onClose}
          />
        </ChooserSheet>
      )
    case 'weekdays':
      return (
        <ChooserSheet {...sheet} title="On which days">
          <Choice
            many
            shown={false}
            label="On which days"
            options={[0, 1, 2, 3, 4, 5, 6].map((ahead) => {
              const day = (weekStartsOn + ahead) % 7
              return { value: String(day), label: weekdayNames[day] ?? '' }
            })}
            chosen={wanted.weekdays.map(String)}
            onToggle={(value) => {
              const day = Number(value)
              const isOn = wanted.weekdays.includes(day)
              const weekdays = isOn
                ? wanted.weekdays.filter((each) => each !== day)
                : [...wanted.weekdays, day]
              // Without any day there is nothing to offer.
              if (weekdays.length > 0) onSet({ weekdays })
            }}
          />
        </ChooserSheet>
      )
    case 'hours':
      return (
        <ChooserSheet {...sheet} title="At which hours">
          <Choice
            shown={false}
            label="At which hours"
            options={hourOptions}
            chosen={typeof wanted.hours === 'string' ? [wanted.hours] : []}
            onToggle={(hours) => onSet({ hours })}
            onPick={onClose}
          />
          <OtherHours
            hours={wanted.hours}
            onHours={(hours) => {
              onSet({ hours })
              onClose()
            }}
          />
        </ChooserSheet>
      )
    case 'most':
      return (
        <ChooserSheet {...sheet} title="How many times">
          <Choice
            shown={false}
            label="How many times"
            options={many.map((each) => ({ value: String(each), label: String(each) }))}
            chosen={[String(wanted.most)]}
            onToggle={(value) => onSet({ most: Number(value) })}
            onPick={onClose}
          />
        </ChooserSheet>
      )
    case 'zone':
      return (
        <OpenedNameChooser
          {...sheet}
          title="Their time zone"
          options={Intl.supportedValuesOf('timeZone').map((zone) => ({
            id: zone,
            name: zoneName(zone),
            hint: zone.split('/')[0] ?? '',
            isChosen: zone === wanted.zone,
          }))}
          none={
            wanted.zone === null ? null : (
              <Button
                kind="quiet"
                label="your own"
                onPress={() => {
                  onSet({ zone: null })
                  onClose()
                }}
              />
            )
          }
          makes={[]}
          onChoose={(zone) => onSet({ zone })}
        />
      )
  }
}

/** Any hours, as they are written in the settings. */
function OtherHours({ hours, onHours }: { hours: MeetingHours; onHours: (hours: MeetingHours) => void }) {
  const [typed, setTyped] = useState(typeof hours === 'string' ? '' : spansWords(hours))
  const [problem, setProblem] = useState<string | null>(null)
  return (
    <Field
      label="Any other hours"
      placeholder="any other: 10 to 12, 14 to 16:30"
      value={typed}
      maxLength={60}
      problem={problem}
      onChangeText={(text) => {
        setTyped(text)
        setProblem(null)
      }}
      onSubmitEditing={() => {
        const read = readHours(typed)
        if (!read || read.length === 0) setProblem(hoursUnreadable)
        else onHours(read)
      }}
    />
  )
}
