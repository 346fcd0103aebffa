// What can be done here and now: contexts at hand, minutes free.
import { select } from '@/state'
import { Button, Choice, Column, EmptyPlace, Words } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { focusCapture } from '@/held/keys'
import { bandWords, duration } from '@/words'
import { useHeld } from '@/held/zen'
import { useDayBands } from './useDayBands'
import { useReach } from './useReach'

const lengths = [10, 20, 45, 90] as const

export function ReachChoices() {
  const contexts = useHeld((state) => select.contextsOf(state.document))
  const { reach, toggleContext, setMinutes } = useReach()
  return (
    <Column gap="$3.5">
      <Column gap="$2">
        <Words size="caps" tone="inkSoft" render="h2">
          At hand
        </Words>
        {contexts.length > 0 ? (
          <Choice
            many
            shown={false}
            label="Contexts at hand"
            options={contexts.map(({ id, name }) => ({ value: id, label: name }))}
            chosen={reach.contextIds}
            onToggle={toggleContext}
          />
        ) : (
          <Words size="second" tone="inkSoft">
            Contexts are made in Shelves.
          </Words>
        )}
      </Column>
      <Column gap="$2">
        <Words size="caps" tone="inkSoft" render="h2">
          Minutes free
        </Words>
        <Choice
          shown={false}
          label="Minutes free"
          options={[
            ...lengths.map((minutes) => ({ value: String(minutes), label: duration(minutes) })),
            { value: 'any', label: 'any' },
          ]}
          chosen={[reach.minutes === null ? 'any' : String(reach.minutes)]}
          onToggle={(value) => setMinutes(value === 'any' ? null : Number(value))}
        />
      </Column>
    </Column>
  )
}

function NothingFits() {
  const { reach, clear } = useReach()
  const isNarrowed = reach.contextIds.length > 0 || reach.minutes !== null
  return (
    <EmptyPlace
      says={
        isNarrowed ? 'Nothing fits what is at hand.' : 'Nothing is in reach. Set something down and sort it.'
      }
    >
      {isNarrowed ? (
        <Button label="Take anything, however long" onPress={clear} />
      ) : (
        <Button label="Set something down" onPress={focusCapture} />
      )}
    </EmptyPlace>
  )
}

export function InReach({ showChoices }: { showChoices: boolean }) {
  const { bands, document } = useDayBands()
  const inReach = bands.inReach(document)
  return (
    <Column gap="$2">
      {showChoices ? <ReachChoices /> : null}
      {inReach.length === 0 ? (
        <NothingFits />
      ) : (
        <Band title={bandWords.inReach} actions={inReach} showProject quick="pick" />
      )}
    </Column>
  )
}
