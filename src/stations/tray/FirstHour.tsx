// What an empty store asks of somebody new: one minute, everything already chosen sensibly, one act. *Not now* takes
// it as it stands.
import { useState } from 'react'
import type { Interval } from '@/core/day'
import { readHours } from '@/core/day/readHours'
import type { Side } from '@/core/record'
import { weekdays } from '@/core/record/scales'
import { lettersFor, type FirstChoices } from '@/state'
import { Button, Choice, Column, Field, IconButton, MainBar, Row, Seal, Sheet, Words } from '@/ui'
import { focusCapture } from '@/held/keys'
import { useAct } from '@/held/zen'
import { duration } from '@/words'
import { hoursUnreadable, spansWords } from '@/words/hours'

interface FirstArea {
  readonly name: string
  readonly side: Side
  readonly ink: number
}

const firstContexts = ['Desk', 'Phone', 'Errands', 'Home', 'Computer', 'Anywhere']
const firstAreas: readonly FirstArea[] = [
  { name: 'Clients', side: 'work', ink: 0 },
  { name: 'Office', side: 'work', ink: 3 },
  { name: 'Household', side: 'private', ink: 2 },
]
const hoursOffered = [2, 3, 4, 5, 6, 8]
const weekStarts = [
  { value: '0', label: 'Monday' },
  { value: '5', label: 'Saturday' },
  { value: '6', label: 'Sunday' },
] as const
const firstHours: readonly Interval[] = [
  { from: 540, to: 750 },
  { from: 810, to: 1050 },
]
const workedOn = (hours: readonly Interval[]): FirstChoices['workingHours'] =>
  Object.fromEntries(weekdays.slice(0, 5).map((weekday) => [weekday, [...hours]]))
/** From Monday to Friday: nobody is given a working weekend unasked. */
const availableOn = (hours: number): number[] => [...Array<number>(5).fill(hours * 60), 0, 0]

export default function FirstHour() {
  const act = useAct()
  const [contexts, setContexts] = useState<readonly string[]>(firstContexts)
  const [areas, setAreas] = useState(firstAreas)
  const [worked, setWorked] = useState(spansWords(firstHours))
  const read = readHours(worked)
  const [hours, setHours] = useState(5)
  const [weekStartsOn, setWeekStartsOn] = useState('0')
  const take = (choices: FirstChoices) => {
    act('chooseFirst', choices, { say: 'Ready. You can change this in Settings and Shelves' })
    focusCapture()
  }
  const begin = () =>
    take({
      contexts,
      areas,
      workingHours: workedOn(read ?? firstHours),
      availableMinutes: availableOn(hours),
      weekStartsOn: Number(weekStartsOn),
    })
  const notNow = () =>
    take({
      contexts: firstContexts,
      areas: firstAreas,
      workingHours: {},
      availableMinutes: availableOn(5),
      weekStartsOn: 0,
    })
  return (
    <Sheet render="section" aria-label="First choices" padding="$4" gap="$4.5">
      <Column gap="$1">
        <Words render="h2" size="title">
          Welcome to Zen Tray
        </Words>
        <Words tone="inkSoft">
          Add whatever is on your mind, decide once what it is, and always know what to do next. First, five
          short questions: keep what fits and change the rest, now or later.
        </Words>
      </Column>
      <Column gap="$1.5">
        <Words size="caps" tone="inkSoft" render="h3">
          Where, or with what, do you work?
        </Words>
        <Row flexWrap="wrap" role="group" aria-label="Contexts">
          {contexts.map((name, index) => (
            <ContextName
              key={index}
              label={`Context ${index + 1}`}
              name={name}
              onChange={(next) => setContexts(contexts.with(index, next))}
              onDrop={() => setContexts(contexts.toSpliced(index, 1))}
            />
          ))}
        </Row>
        <Row>
          <Button
            kind="quiet"
            icon="plus"
            label="Another context"
            onPress={() => setContexts([...contexts, ''])}
          />
        </Row>
      </Column>
      <Column gap="$1.5">
        <Words size="caps" tone="inkSoft" render="h3">
          What do you look after?
        </Words>
        <Column gap="$0.5" role="group" aria-label="Areas">
          {areas.map((area, index) => (
            <AreaLine
              key={index}
              index={index}
              area={area}
              onChange={(next) => setAreas(areas.with(index, next))}
              onDrop={() => setAreas(areas.toSpliced(index, 1))}
            />
          ))}
          <Row>
            <Button
              kind="quiet"
              icon="plus"
              label="Another area"
              onPress={() => setAreas([...areas, { name: '', side: 'work', ink: areas.length * 3 }])}
            />
          </Row>
        </Column>
      </Column>
      <Column maxWidth={320}>
        <Field
          label="When do you work, Monday to Friday?"
          shown
          value={worked}
          maxLength={120}
          problem={read ? null : hoursUnreadable}
          onChangeText={setWorked}
        />
      </Column>
      <Choice
        label="How many hours of it can you plan?"
        options={hoursOffered.map((hour) => ({ value: String(hour), label: duration(hour * 60) }))}
        chosen={[String(hours)]}
        onToggle={(value) => setHours(Number(value))}
      />
      <Choice
        label="When does your week start?"
        options={weekStarts}
        chosen={[weekStartsOn as '0']}
        onToggle={setWeekStartsOn}
      />
      <MainBar>
        <Button kind="quiet" label="Skip" onPress={notNow} />
        <Button kind="main" label="Start" paddingHorizontal="$7" disabled={!read} onPress={begin} />
      </MainBar>
    </Sheet>
  )
}

/** A name that reads as text: it is kept as it stands, written over, or dropped. */
function ContextName({
  label,
  name,
  onChange,
  onDrop,
}: {
  label: string
  name: string
  onChange: (name: string) => void
  onDrop: () => void
}) {
  return (
    <Row width="50%" minWidth={150} paddingLeft="$3">
      <Field bare label={label} value={name} maxLength={60} autoFocus={name === ''} onChangeText={onChange} />
      <IconButton label={`Remove ${name || 'the context'}`} icon="close" flexShrink={0} onPress={onDrop} />
    </Row>
  )
}

const otherSide = { work: 'private', private: 'work' } as const

function AreaLine({
  index,
  area,
  onChange,
  onDrop,
}: {
  index: number
  area: FirstArea
  onChange: (area: FirstArea) => void
  onDrop: () => void
}) {
  return (
    <Row gap="$2">
      <Seal letters={area.name.trim() === '' ? null : lettersFor(area.name)} ink={area.ink} />
      <Column flex={1} paddingHorizontal="$3">
        <Field
          bare
          label={`Area ${index + 1}`}
          value={area.name}
          maxLength={60}
          autoFocus={area.name === ''}
          onChangeText={(name) => onChange({ ...area, name })}
        />
      </Column>
      <Button
        kind="quiet"
        flexShrink={0}
        label={area.side}
        aria-label={`Side of ${area.name || 'the area'}: ${area.side}`}
        onPress={() => onChange({ ...area, side: otherSide[area.side] })}
      />
      <IconButton label={`Remove ${area.name || 'the area'}`} icon="close" flexShrink={0} onPress={onDrop} />
    </Row>
  )
}
