// A filter of a list that is no lens: conditions as a lens has them, said in a sentence, remembered on this device.
import { useMemo, useState, type ReactNode } from 'react'
import { emptyLens, type Lens } from '@/core/lens/lens'
import type { Action } from '@/core/record'
import { select, type OnDemand } from '@/state'
import { IconButton, Row } from '@/ui'
import { useOnDemand } from '@/held/reader'
import { useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'
import { OpenedLensChooser } from '@/parts/choosers/useChooser'
import { LensSentence } from './LensSentence'
import { useLensDraft } from './useLensDraft'

export interface Filtered {
  /** Null where everything is counted. */
  readonly matches: ((action: Action) => boolean) | null
  /** Begins a filter; null while there is one. */
  readonly button: ReactNode
  /** Says the filter; null while there is none. */
  readonly sentence: ReactNode
}

export interface LensFilterProps {
  /** What it is a filter of, for the memory of this device. */
  readonly of: string
  readonly children: (filtered: Filtered) => ReactNode
}

export function LensFilter(props: LensFilterProps) {
  const lenses = useOnDemand()?.lenses
  return lenses ? <Filter {...props} lenses={lenses} /> : null
}

function Filter({ of, lenses, children }: LensFilterProps & { readonly lenses: OnDemand['lenses'] }) {
  const document = useHeldDocument()
  const today = useToday()
  const zone = useZen().clock.zone()
  const names = lenses.lensNamesOf(document)
  const { lens, isChanged, change, putBack } = useLensDraft(of, emptyLens, lenses, names)
  const { conditions } = lens
  const matches = useMemo(
    () => (isChanged ? lenses.matchesOf(document, conditions, { today, zone }) : null),
    [isChanged, lenses, document, conditions, today, zone],
  )
  const common = { lens, lenses, onlyConditions: true }
  return children({
    matches,
    button: <FilterButton {...common} isSet={isChanged} onSet={change} />,
    sentence: isChanged ? (
      <Row alignItems="center" gap="$1">
        <LensSentence {...common} names={names} onChange={change} />
        <IconButton label="Count everything again" icon="close" onPress={putBack} />
      </Row>
    ) : null,
  })
}

function FilterButton({
  isSet,
  ...common
}: {
  readonly isSet: boolean
  readonly lens: Lens
  readonly lenses: OnDemand['lenses']
  readonly onlyConditions: boolean
  readonly onSet: (lens: Lens) => void
}) {
  const [isOpen, setOpen] = useState(false)
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  return (
    <>
      {isSet ? null : (
        <IconButton label="Filter" icon="filter" aria-haspopup="dialog" onPress={() => setOpen(true)} />
      )}
      {isOpen ? (
        <OpenedLensChooser
          {...common}
          target={{ kind: 'more' }}
          weekStartsOn={weekStartsOn}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </>
  )
}
