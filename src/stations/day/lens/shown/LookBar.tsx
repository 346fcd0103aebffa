// As what a lens is shown, and what belongs to that: by what its columns stand, which details it tells.
import { useState, type KeyboardEvent } from 'react'
import { useMedia } from '@tamagui/core'
import { detailFields, lensViews, type DetailField } from '@/core/lens/lens'
import { OpenedLookChooser } from '@/parts/choosers/useChooser'
import type { LookTarget } from '@/parts/choosers/LookChooser'
import { moveFocusWithin, Press, Row, Words } from '@/ui'
import { detailNames } from '@/words/details'
import { viewWords } from '@/words/lens'
import type { LensShown } from './lensProps'

const detailOptions = detailFields.map((value) => ({ value, label: detailNames[value].toLowerCase() }))

export function LookBar({ look, lenses }: Pick<LensShown, 'look' | 'lenses'>) {
  const { view } = look
  const { wide } = useMedia()
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
      none: 'the usual ones',
      onChange: (chosen) =>
        look.change(
          { shows: lenses.withDetails(look.shows, chosen as readonly DetailField[]) },
          'Details changed',
        ),
    })
  return (
    <Row gap="$1" rowGap="$0" flexWrap="wrap" justifyContent="space-between" className="no-print">
      <Row
        role="radiogroup"
        aria-label="Shown as"
        marginLeft="$-2"
        onKeyDown={(event: KeyboardEvent<HTMLElement>) => moveFocusWithin(event, '[role=radio]')}
      >
        {lensViews.map((value) => (
          <Press
            key={value}
            role="radio"
            aria-checked={view === value}
            justifyContent="center"
            paddingHorizontal="$2"
            onPress={() => look.setView(value)}
          >
            <Words
              size={wide ? 'body' : 'second'}
              tone={view === value ? 'ink' : 'inkSoft'}
              strong={view === value}
              whiteSpace="nowrap"
            >
              {viewWords[value]}
            </Words>
          </Press>
        ))}
      </Row>
      <Row marginRight="$-2">
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
      </Row>
      {target ? <OpenedLookChooser target={target} onClose={() => setTarget(null)} /> : null}
    </Row>
  )
}

function Way({ words, label, onPress }: { words: string; label: string; onPress: () => void }) {
  const { wide } = useMedia()
  return (
    <Press aria-label={label} aria-haspopup="dialog" paddingHorizontal="$2" onPress={onPress}>
      <Words tone="brass" size={wide ? 'body' : 'second'} whiteSpace="nowrap">
        {words}
      </Words>
    </Press>
  )
}
