// As what a lens is shown, and what belongs to that: by what its columns stand, which details it tells. Plain
// elements: a lens is opened often.
import { useState, type KeyboardEvent } from 'react'
import { detailFields, lensViews, type DetailField } from '@/core/lens/lens'
import { OpenedLookChooser } from '@/parts/choosers/useChooser'
import type { LookTarget } from '@/parts/choosers/LookChooser'
import { moveFocusWithin } from '@/ui'
import { details } from '@/words/details'
import { viewWords } from '@/words/lens'
import type { LensShown } from './lensProps'

/** What a row tells where nothing else was chosen. */
const usualDetails: readonly DetailField[] = [
  'context',
  'energy',
  'minutes',
  'at',
  'due',
  'notBefore',
  'waiting',
  'steps',
  'moved',
]
const detailOptions = detailFields.map((value) => ({ value, label: details[value].name.toLowerCase() }))

export function LookBar({ look, lenses }: Pick<LensShown, 'look' | 'lenses'>) {
  const { view } = look
  const [target, setTarget] = useState<LookTarget | null>(null)
  const byColumns = () =>
    setTarget({
      kind: 'one',
      title: 'Columns by',
      options: lenses.columnFields.map((value) => ({ value, label: lenses.groupWords[value] })),
      chosen: look.columnsBy,
      onChoose: (value) =>
        look.change(
          { columnsBy: value as typeof look.columnsBy },
          `Columns by ${lenses.groupWords[value as typeof look.columnsBy]}`,
        ),
    })
  const ofTable = () =>
    setTarget({
      kind: 'order',
      title: 'Columns of the table',
      options: detailOptions,
      chosen: lenses.columnsIn(look.columns).map(({ field }) => field),
      none: 'the usual ones',
      onChange: (chosen) =>
        look.change(
          { columns: lenses.withColumns(look.columns, chosen as readonly DetailField[]) },
          'Columns changed',
        ),
    })
  const ofRows = () =>
    setTarget({
      kind: 'order',
      title: 'Details on a row',
      options: detailOptions,
      chosen: look.details,
      usual: usualDetails,
      none: 'the usual ones',
      onChange: (chosen) =>
        look.change(
          { shows: lenses.withDetails(look.shows, chosen as readonly DetailField[]) },
          'Details changed',
        ),
    })
  return (
    <div className="look-bar no-print">
      <div
        role="radiogroup"
        aria-label="Shown as"
        className="look-ways"
        onKeyDown={(event: KeyboardEvent<HTMLElement>) => moveFocusWithin(event, '[role=radio]')}
      >
        {lensViews.map((value) => (
          <button
            key={value}
            type="button"
            role="radio"
            aria-checked={view === value}
            className="look-way"
            onClick={() => look.setView(value)}
          >
            {viewWords[value]}
          </button>
        ))}
      </div>
      <div className="look-ways">
        {view === 'columns' ? (
          <Way
            words={`by ${lenses.groupWords[look.columnsBy]}`}
            label={`Columns by ${lenses.groupWords[look.columnsBy]}`}
            onPress={byColumns}
          />
        ) : null}
        {view === 'table' ? (
          <Way words="which columns" label="Which columns" onPress={ofTable} />
        ) : (
          <Way words="details" label="Details on a row" onPress={ofRows} />
        )}
      </div>
      {target ? <OpenedLookChooser target={target} onClose={() => setTarget(null)} /> : null}
    </div>
  )
}

const Way = ({ words, label, onPress }: { words: string; label: string; onPress: () => void }) => (
  <button type="button" className="look-way of" aria-label={label} aria-haspopup="dialog" onClick={onPress}>
    {words}
  </button>
)
