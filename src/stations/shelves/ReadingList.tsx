// Things to read, watch or hear: what is begun first, then what is unread; what is finished stands folded at the end.
import { useOfSide } from '@/held/side'
import { useState } from 'react'
import type { Reading, ReadingState } from '@/core/record'
import { select } from '@/state'
import { BandHeading, Button, Column, EmptyPlace } from '@/ui'
import { useHeld } from '@/held/zen'
import { ChooseAll } from '@/parts/rows/ChooseAll'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { RowList } from '@/parts/rows/RowList'
import { bareLink, duration, readingWords } from '@/words'
import { KeptRow } from './KeptRow'
import { NewKept } from './NewKept'

const bands: readonly ReadingState[] = ['begun', 'unread', 'finished']

export function ReadingList() {
  const readings = useOfSide()(useHeld((state) => select.readingsOf(state.document)))
  if (readings.length === 0)
    return (
      <EmptyPlace says="Things to read, watch or hear. While sorting, Reading puts a slip here.">
        <NewKept kind="reading" />
      </EmptyPlace>
    )
  return (
    <Column>
      {bands.map((state) => {
        const inBand = readings.filter((reading) => reading.state === state)
        return inBand.length > 0 ? <ReadingBand key={state} state={state} readings={inBand} /> : null
      })}
      <NewKept kind="reading" />
    </Column>
  )
}

function ReadingBand({ state, readings }: { state: ReadingState; readings: readonly Reading[] }) {
  const [isUnfolded, setUnfolded] = useState(state !== 'finished')
  const box = useBandBox(() => readings)
  const title = readingWords[state]
  return (
    <Column render="section" aria-label={title}>
      <BandHeading title={title} end={String(readings.length)}>
        <ChooseAll title={title} of={readings} />
        {state === 'finished' ? (
          <Button
            kind="quiet"
            label={isUnfolded ? 'Fold' : 'Unfold'}
            aria-expanded={isUnfolded}
            onPress={() => setUnfolded(!isUnfolded)}
          />
        ) : null}
      </BandHeading>
      <InBand.Provider value={box}>
        {isUnfolded ? (
          <RowList
            items={readings}
            label={title}
            render={(reading) => (
              <KeptRow kept={reading} details={detailsOf(reading)} isOver={state === 'finished'} />
            )}
          />
        ) : null}
      </InBand.Provider>
    </Column>
  )
}

const detailsOf = ({ minutes, link }: Reading): string =>
  [minutes ? duration(minutes) : null, link ? bareLink(link) : null].filter(Boolean).join(' · ')
