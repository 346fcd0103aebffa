// What a context holds: all its actions and those of what lies within it, by how near they are held, each with its
// minutes, so that all of one place can be done in one go. And where it lies, when it is at hand, and whether it is
// still offered.
import { useState } from 'react'
import { horizonOf } from '@/core/action'
import { withinOf } from '@/core/context'
import { inOrderOfWork } from '@/core/day'
import { keptHorizons, type Action, type Context, type Horizon } from '@/core/record'
import { lists, select } from '@/state'
import { Band } from '@/parts/rows/Band'
import { useReader } from '@/held/reader'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { BandHeading, Button, Choice, Column, CommitField, EmptyPlace, Labelled, Row, Words } from '@/ui'
import { Pull } from '@/ui/Pull'
import { horizonWords, shortened } from '@/words'
import { contextWords, hoursWords, weekdayNames } from '@/words/contexts'

const horizons: readonly Horizon[] = ['today', ...keptHorizons]
const titled = (words: string) => words.replace(/^./, (first) => first.toUpperCase())

export function ContextBands({ context }: { readonly context: Context }) {
  const document = useHeldDocument()
  const today = useToday()
  const ids = withinOf(select.everyContextOf(document), context.id)
  const all = [...new Set(ids.flatMap((id) => lists.actionsOfContext(document, id)))]
  const held = new Map<Horizon, Action[]>(horizons.map((horizon) => [horizon, []]))
  for (const action of all) held.get(horizonOf(action, today))?.push(action)
  if (all.length === 0) return <EmptyPlace says="No open action needs this." />
  return (
    <>
      <Column>
        {horizons.map((horizon) => {
          const actions = inOrderOfWork(held.get(horizon) ?? [])
          return actions.length > 0 ? (
            <Band key={horizon} title={titled(horizonWords[horizon])} actions={actions} showProject showDay />
          ) : null
        })}
      </Column>
    </>
  )
}

/** Where it lies, when it is at hand, and that it is offered no more. */
export function ContextIs({ context }: { readonly context: Context }) {
  const act = useAct()
  const document = useHeldDocument()
  const { clock } = useZen()
  const { id, hours } = context
  const every = select.everyContextOf(document)
  const inside = new Set<string>(withinOf(every, id))
  const others = select.contextsOf(document).filter((other) => !inside.has(other.id))
  const edit = (
    patch: Partial<Pick<Context, 'parentId' | 'hours' | 'minutesToGetThere' | 'retiredAtEpochMs'>>,
    say: string | false = false,
  ) => act('editContext', { id, patch }, { say })
  const isRetired = context.retiredAtEpochMs !== null
  return (
    <Column gap="$2.5">
      <BandHeading title="Where and when" />
      <Labelled label="Within">
        <Pull
          label="Within"
          none="nothing"
          value={context.parentId ?? ''}
          options={others.map((other) => ({ value: other.id, label: contextWords(document, other.id) }))}
          onChoose={(parentId) => edit({ parentId: parentId || null })}
        />
      </Labelled>
      <Hours hours={hours} onSet={(next) => edit({ hours: next })} />
      <Column width={200}>
        <CommitField
          label="Minutes to get there"
          shown
          inputMode="numeric"
          value={context.minutesToGetThere === null ? '' : String(context.minutesToGetThere)}
          maxLength={4}
          onCommit={(text) => {
            const minutes = text.trim() === '' ? null : Number(text)
            if (minutes !== null && !(Number.isInteger(minutes) && minutes >= 0 && minutes <= 480))
              return 'Minutes from 0 to 480, or nothing.'
            edit({ minutesToGetThere: minutes === 0 ? null : minutes })
            return null
          }}
        />
      </Column>
      <Row>
        <Button
          label={isRetired ? 'Offer it again' : 'Retire it'}
          onPress={() =>
            edit(
              { retiredAtEpochMs: isRetired ? null : clock.nowEpochMs() },
              `${isRetired ? 'Offered again' : 'Not offered any more'}: ${shortened(context.name)}`,
            )
          }
        />
      </Row>
    </Column>
  )
}

const usual = { weekdays: [0, 1, 2, 3, 4], from: '09:00', until: '17:00' } as Context['hours']

function Hours({
  hours,
  onSet,
}: {
  readonly hours: Context['hours']
  readonly onSet: (hours: Context['hours']) => void
}) {
  const [isOpen, setOpen] = useState(false)
  const reader = useReader()
  if (!hours || !isOpen)
    return (
      <Row gap="$2.5" flexWrap="wrap">
        <Words flexShrink={1}>{titled(hoursWords(hours))}</Words>
        <Button
          kind="quiet"
          label={hours ? 'Change the hours' : 'Only at some hours'}
          onPress={() => {
            setOpen(true)
            if (!hours) onSet(usual)
          }}
        />
      </Row>
    )
  const time = (field: 'from' | 'until') => (text: string) => {
    const read = reader.readTime(text)
    if (!read) return 'Type a time such as 09:00.'
    onSet({ ...hours, [field]: read })
    return null
  }
  return (
    <Column gap="$2">
      <Choice
        many
        label="On"
        options={weekdayNames.map((label, day) => ({ value: String(day), label }))}
        chosen={hours.weekdays.map(String)}
        onToggle={(value) => {
          const day = Number(value)
          const weekdays = hours.weekdays.includes(day)
            ? hours.weekdays.filter((other) => other !== day)
            : [...hours.weekdays, day].sort((a, b) => a - b)
          onSet({ ...hours, weekdays })
        }}
      />
      <Row gap="$3">
        <Column width={120}>
          <CommitField label="From" shown value={hours.from} onCommit={time('from')} />
        </Column>
        <Column width={120}>
          <CommitField label="Until" shown value={hours.until} onCommit={time('until')} />
        </Column>
      </Row>
      <Row marginLeft="$-2">
        <Button
          kind="quiet"
          label="Always at hand"
          onPress={() => {
            setOpen(false)
            onSet(null)
          }}
        />
      </Row>
    </Column>
  )
}
