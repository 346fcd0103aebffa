// What a lens is besides what it asks: its name, its seal, its place, and the ways to copy, hand on and remove it.
import { useState } from 'react'
import type { Lens } from '@/core/lens'
import { lensViews, type LensView } from '@/core/lens/lens'
import type { LensRecord } from '@/core/record'
import type { OnDemand, Outcome } from '@/state'
import { Button, Choice, CommitField, Column, Press, Row, Seal, SlideOver, Words } from '@/ui'
import { OpenedLookChooser } from '@/parts/choosers/useChooser'
import { saveAs } from '@/held/saveAs'
import { useAct, useHeldDocument } from '@/held/zen'
import { refusalWords } from '@/words'
import { viewWords } from '@/words/lens'
import type { LensId } from './LensSheet'

/** Why it cannot be; null where it was done. */
const refusedBy = (outcome: Outcome): string | null =>
  outcome.ok || outcome.error.kind === 'nothingToDo' ? null : refusalWords(outcome.error)

export function LensMenu({
  record,
  lens,
  lenses,
  onView,
  onOpen,
  onClose,
}: {
  readonly record: LensRecord
  /** As it is shown, with what is changed just now. */
  readonly lens: Lens
  readonly lenses: OnDemand['lenses']
  readonly onView: (view: LensView) => void
  readonly onOpen: (id: LensId | null) => void
  readonly onClose: () => void
}) {
  const act = useAct()
  const document = useHeldDocument()
  const { id, name, onStrip } = record
  const [isInking, setInking] = useState(false)
  const isReady = lenses.readyMade.some((ready) => ready.id === id)
  const face = lenses.lookOf(record)
  const duplicate = () => {
    const outcome = act('addLens', { name: `${name}, copied`, lens, face })
    const made = outcome.ok ? outcome.value[0] : undefined
    if (made?.kind === 'added') onOpen(made.record.id as LensId)
    onClose()
  }
  const share = () => {
    const text = lenses.toLensFile(name, lens, face, lenses.lensNamesOf(document))
    saveAs(`${lenses.fileNameOf(name)}.lens.json`, new Blob([text], { type: 'application/json' }))
    onClose()
  }
  return (
    <SlideOver title={name} onClose={onClose}>
      <Column gap="$4">
        <NameAndSeal record={record} onInk={() => setInking(true)} />
        <Choice
          label="On the strip of the Day"
          options={[
            { value: 'yes', label: 'on the strip' },
            { value: 'no', label: 'among all lenses' },
          ]}
          chosen={[onStrip ? 'yes' : 'no']}
          onToggle={(value) => act('editLens', { id, patch: { onStrip: value === 'yes' } }, { say: false })}
        />
        <Choice
          label="Shown as, on every device"
          options={lensViews.map((value) => ({ value, label: viewWords[value] }))}
          chosen={[record.view]}
          onToggle={(view) => {
            act('editLens', { id, patch: { view } }, { say: false })
            onView(view)
          }}
        />
        <Row gap="$2" flexWrap="wrap">
          <Button
            label="Print it"
            onPress={() => {
              onClose()
              // When this has closed.
              setTimeout(() => window.print(), 60)
            }}
          />
          <Button label="Copy it" onPress={duplicate} />
          <Button label="Save it as a file" onPress={share} />
          {isReady ? <Button label="Reset the lens" onPress={() => act('resetLens', { id })} /> : null}
        </Row>
        <RemoveLens id={id} onRemoved={() => onOpen(null)} onClose={onClose} />
      </Column>
      {isInking ? (
        <OpenedLookChooser
          target={{
            kind: 'ink',
            title: 'Ink of the seal',
            ink: record.ink,
            onChoose: (ink) => act('editLens', { id, patch: { ink } }, { say: false }),
          }}
          onClose={() => setInking(false)}
        />
      ) : null}
    </SlideOver>
  )
}

/** Its name and the letters of its seal, each kept when it is left. */
function NameAndSeal({ record, onInk }: { readonly record: LensRecord; readonly onInk: () => void }) {
  const act = useAct()
  const { id, name, letters, ink } = record
  const keep = (patch: { readonly name?: string; readonly letters?: string }) =>
    refusedBy(act('editLens', { id, patch }, { atField: true }))
  return (
    <Row gap="$3" alignItems="flex-end">
      <Press aria-label="Ink of the seal" aria-haspopup="dialog" justifyContent="center" onPress={onInk}>
        <Seal letters={letters} ink={ink} />
      </Press>
      <Column flex={1}>
        <CommitField label="Name" shown value={name} onCommit={(next) => keep({ name: next })} />
      </Column>
      <Column width={88}>
        <CommitField label="Seal" shown value={letters} onCommit={(next) => keep({ letters: next })} />
      </Column>
    </Row>
  )
}

interface RemoveLensProps {
  readonly id: LensRecord['id']
  readonly onRemoved: () => void
  readonly onClose: () => void
}

/** Removing asks once more. */
function RemoveLens({ id, onRemoved, onClose }: RemoveLensProps) {
  const act = useAct()
  const [isGoing, setGoing] = useState(false)
  if (!isGoing)
    return (
      <Button kind="quiet" alignSelf="flex-start" label="Delete this lens" onPress={() => setGoing(true)} />
    )
  return (
    <Row gap="$2" flexWrap="wrap" alignItems="center">
      <Words tone="inkSoft" flex={1}>
        Its actions stay.
      </Words>
      <Button
        label="Remove it"
        onPress={() => {
          if (act('removeLens', { id }).ok) onRemoved()
          onClose()
        }}
      />
    </Row>
  )
}
