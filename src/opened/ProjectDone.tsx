// What is done of a project: at the end and folded, among the rest, or left out; one switch, remembered by this device.
import { useState, useSyncExternalStore } from 'react'
import { compareRanks, type Action } from '@/core/record'
import { BandHeading, Button, Column, Press, Row } from '@/ui'
import { OpenedLookChooser } from '@/parts/choosers/useChooser'
import { RowList } from '@/parts/rows/RowList'
import { ActionRow } from '@/parts/rows/ActionRow'
import { useZen } from '@/held/zen'

const places = ['sunk', 'among', 'hidden'] as const
export type DonePlaced = (typeof places)[number]
const placeWords: Readonly<Record<DonePlaced, string>> = {
  sunk: 'at the end',
  among: 'among the rest',
  hidden: 'left out',
}

const listeners = new Set<() => void>()
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Where what is done stands, and what sets it. */
export function useDonePlace(of: string): readonly [DonePlaced, (place: DonePlaced) => void] {
  const { memory } = useZen()
  const name = `done:${of}`
  const kept = useSyncExternalStore(subscribe, () => memory.read(name))
  const place = places.find((each) => each === kept) ?? 'sunk'
  return [
    place,
    (next) => {
      memory.write(name, next === 'sunk' ? null : next)
      listeners.forEach((listener) => listener())
    },
  ]
}

/** Open and done together, by hand. */
export const amongTheRest = (open: readonly Action[], done: readonly Action[]): readonly Action[] =>
  [...open, ...done].sort(
    (a, b) =>
      compareRanks(a.rank, b.rank) || a.createdAtEpochMs - b.createdAtEpochMs || (a.id < b.id ? -1 : 1),
  )

export function ProjectDone({
  actions,
  place,
  sum,
  onPlace,
}: {
  readonly actions: readonly Action[]
  readonly place: DonePlaced
  readonly sum: string
  readonly onPlace: (place: DonePlaced) => void
}) {
  const [isUnfolded, setUnfolded] = useState(false)
  const [isChoosing, setChoosing] = useState(false)
  if (actions.length === 0) return null
  return (
    <Column>
      <Row gap="$2">
        <Press
          flex={1}
          aria-expanded={place === 'sunk' ? isUnfolded : undefined}
          disabled={place !== 'sunk'}
          onPress={() => setUnfolded(!isUnfolded)}
        >
          <Column flex={1}>
            <BandHeading title="Done" end={sum} tone="moss" />
          </Column>
        </Press>
        <Button
          kind="quiet"
          label={placeWords[place]}
          aria-label={`What is done: ${placeWords[place]}`}
          aria-haspopup="dialog"
          flexShrink={0}
          onPress={() => setChoosing(true)}
        />
      </Row>
      {isUnfolded && place === 'sunk' ? (
        <RowList items={actions} label="Done" render={(action) => <ActionRow action={action} />} />
      ) : null}
      {isChoosing ? (
        <OpenedLookChooser
          target={{
            kind: 'one',
            title: 'What is done',
            options: places.map((value) => ({ value, label: placeWords[value] })),
            chosen: place,
            onChoose: (value) => onPlace(value as DonePlaced),
          }}
          onClose={() => setChoosing(false)}
        />
      ) : null}
    </Column>
  )
}
