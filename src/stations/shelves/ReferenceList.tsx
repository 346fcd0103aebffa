import { useOfSide } from '@/held/side'
import { select } from '@/state'
import { BandHeading, Column, EmptyPlace } from '@/ui'
import { ChooseAll } from '@/parts/rows/ChooseAll'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { RowList } from '@/parts/rows/RowList'
import { momentWords } from '@/words'
import { useHeld, useToday, useZen } from '@/held/zen'
import { KeptRow } from './KeptRow'
import { NewKept } from './NewKept'

export function ReferenceList() {
  const { clock } = useZen()
  const today = useToday()
  const references = useOfSide()(useHeld((state) => select.referencesOf(state.document)))
  const box = useBandBox(() => references)
  if (references.length === 0)
    return (
      <EmptyPlace says="Notes and links with nothing to do. While sorting, Reference puts a slip here.">
        <NewKept kind="reference" />
      </EmptyPlace>
    )
  return (
    <Column render="section" aria-label="Reference">
      <BandHeading title="Reference" end={String(references.length)}>
        <ChooseAll title="Reference" of={references} />
      </BandHeading>
      <InBand.Provider value={box}>
        <RowList
          items={references}
          label="Reference"
          render={(reference) => (
            <KeptRow
              kept={reference}
              details={[momentWords(reference.createdAtEpochMs, clock.zone(), today), reference.link]
                .filter(Boolean)
                .join(' · ')}
            />
          )}
        />
      </InBand.Provider>
      <NewKept kind="reference" />
    </Column>
  )
}
