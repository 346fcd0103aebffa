// Things to read, watch or hear: what is begun first, then what is unread; what is finished stands folded at the end.
import { useState } from 'react'
import type { Reading, ReadingState } from '@/core/record'
import { select } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, Icon, Press, Seal, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useHeld, useHeldDocument } from '@/held/zen'
import { bareAddress, duration, readingWords } from '@/words'

const bands: readonly ReadingState[] = ['begun', 'unread', 'finished']

export function ReadingList() {
  const readings = useHeld((state) => select.readingsOf(state.document))
  const [unfolded, setUnfolded] = useState(false)
  if (readings.length === 0)
    return <EmptyPlace says="Things to read, watch or hear. While sorting, Reading puts a slip here." />
  return (
    <Column>
      {bands.map((state) => {
        const inBand = readings.filter((reading) => reading.state === state)
        if (inBand.length === 0) return null
        const isShown = state !== 'finished' || unfolded
        return (
          <Column key={state} render="section" aria-label={readingWords[state]}>
            <BandHeading title={readingWords[state]} end={String(inBand.length)}>
              {state === 'finished' ? (
                <Button
                  kind="quiet"
                  label={unfolded ? 'Fold' : 'Unfold'}
                  aria-expanded={unfolded}
                  onPress={() => setUnfolded(!unfolded)}
                />
              ) : null}
            </BandHeading>
            {isShown ? (
              <Column render="ul">
                {inBand.map((reading) => (
                  <ReadingRow key={reading.id} reading={reading} />
                ))}
              </Column>
            ) : null}
          </Column>
        )
      })}
    </Column>
  )
}

function ReadingRow({ reading }: { reading: Reading }) {
  const document = useHeldDocument()
  const { open } = useOpened()
  const area = select.areaOf(document, reading)
  const { id, title, minutes, address, state } = reading
  const details = [minutes ? duration(minutes) : null, address ? bareAddress(address) : null]
  return (
    <Column render="li" backgroundColor="$slip" borderBottomWidth={1} borderColor="$rule">
      <Press onPress={() => open(id)} minHeight={60} paddingHorizontal="$3" gap="$3" data-row>
        <Seal stamp={area?.stamp ?? null} ink={area?.ink ?? 0} />
        <Column flex={1} minWidth={0}>
          <Words struck={state === 'finished'}>{title}</Words>
          <Words size="second" tone="inkSoft">
            {details.filter(Boolean).join(' · ')}
          </Words>
        </Column>
        <Icon name="next" tone="inkSoft" />
      </Press>
    </Column>
  )
}
