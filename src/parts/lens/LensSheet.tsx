// One lens: its name, its sentence, and what it lists. What is changed holds just now, until it is kept here or as a
// new one.
import { useLayoutEffect, useMemo, useState } from 'react'
import { useMedia } from '@tamagui/core'
import { emptyLens, type Lens } from '@/core/lens/lens'
import type { Id, LensRecord } from '@/core/record'
import { owned, type OnDemand } from '@/state'
import { Button, Column, EmptyPlace, Field, IconButton, Row, Seal, SpokenLater, Words } from '@/ui'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { sumWords } from '@/words/lens'
import { LensMenu } from './LensMenu'
import { LensSentence } from './LensSentence'
import { OverdueBeside } from './OverdueBeside'
import { SayLens } from './SayLens'
import { LensPaper } from './paper/LensPaper'
import type { LensShown } from './shown/lensProps'
import { LookBar } from './shown/LookBar'
import { ShownLens } from './shown/ShownLens'
import { useSide } from '@/held/side'
import { ofOneSide } from './shown/ofOneSide'
import { shownAs } from './shown/shownAs'
import { useLensLook, type LensLook } from './shown/useLensLook'
import { useLensDraft, type LensDraft } from './useLensDraft'

export type LensId = Id<'lens'> | 'new'

interface LensSheetProps {
  readonly id: LensId
  readonly lenses: OnDemand['lenses']
  readonly isPrinting: boolean
  readonly onOpen: (id: LensId | null) => void
}

export function LensSheet(props: LensSheetProps) {
  const { id, lenses, onOpen } = props
  const document = useHeldDocument()
  const record = id === 'new' ? null : lenses.lensOf(document, id)
  if (record === undefined || record?.letGoAtEpochMs)
    return (
      <EmptyPlace says="This lens is gone. Its actions are still there.">
        <Button label="See all lenses" onPress={() => onOpen(null)} />
      </EmptyPlace>
    )
  return <OneLens key={id} record={record} {...props} />
}

function OneLens({
  id,
  record,
  lenses,
  isPrinting,
  onOpen,
}: LensSheetProps & { readonly record: LensRecord | null }) {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const { wide } = useMedia()
  const Heading = wide ? 'h1' : 'h2'
  const names = lenses.lensNamesOf(document)
  const kept = record ? lenses.lensIn(record) : startOf
  const draft = useLensDraft(id, kept, lenses, names)
  const { lens } = draft
  const look = useLensLook(id, record, lenses)
  const zone = clock.zone()
  const day = useMemo(() => ({ today, zone }), [today, zone])
  const [side] = useSide()
  const shownLens = useMemo(
    () => shownAs(ofOneSide(lens, side), look.view, look.columnsBy),
    [lens, side, look.view, look.columnsBy],
  )
  const list = lenses.lensListOf(document, shownLens, day)
  const details = useMemo(
    () => ({
      document,
      ...day,
      stepsOf: (of: Id<'action'>) => owned.stepCountOf(document, of),
      repeatOf: (of: Id<'action'>) => owned.repeatOf(document, of),
    }),
    [document, day],
  )
  // Said when the lens has changed, and not for each tick in it.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const foundNow = useMemo(() => sumWords(list), [lens])
  // It begins at its top; what it remembers of its list is found after that.
  useLayoutEffect(() => {
    window.scrollTo({ top: 0, behavior: 'instant' })
  }, [])
  const [isMenu, setMenu] = useState(false)
  const [isUnfolded, setUnfolded] = useState(false)
  // On a phone the list begins high: how it is made is one line, and the rest of it a tap away.
  const isFolded = !wide && record !== null && !draft.isChanged && !isUnfolded
  // On a phone a table and columns need the room; the sentence can still be pressed.
  const isTight = !wide && record !== null && (look.view === 'table' || look.view === 'columns')
  const shown: LensShown = {
    id,
    lens: shownLens,
    look,
    list,
    names,
    lenses,
    day,
    details,
    onChange: (next) => draft.change({ ...lens, sorts: next.sorts }),
  }
  return (
    <>
      {isPrinting ? <LensPaper name={record?.name ?? 'A new lens'} {...shown} /> : null}
      {/* On a phone the first row stands high. */}
      <Column gap={wide ? '$2' : '$1'} className="no-print">
        <div className="lens-top">
          {record ? <Seal letters={record.letters} ink={record.ink} /> : null}
          <div className="lens-names">
            <Heading className="lens-name clamped three">{record?.name ?? 'A new lens'}</Heading>
            <span className="lens-count">{sumWords(list)}</span>
          </div>
          {wide ? <LookBar look={look} lenses={lenses} /> : null}
          {!wide && record && !draft.isChanged ? (
            <IconButton
              label={isFolded ? 'Change what this lens lists' : 'Show it on one line'}
              icon={isFolded ? 'down' : 'up'}
              tone="inkSoft"
              aria-expanded={!isFolded}
              onPress={() => setUnfolded(isFolded)}
            />
          ) : null}
          {record ? (
            <IconButton
              label="This lens: name, seal, place"
              icon="settings"
              tone="inkSoft"
              aria-haspopup="dialog"
              onPress={() => setMenu(true)}
            />
          ) : null}
        </div>
        <LensSentence lens={lens} lenses={lenses} names={names} isFolded={isFolded} onChange={draft.change} />
        {isTight || isFolded ? null : (
          <SayLens lens={lens} lenses={lenses} names={names} onSay={draft.change} />
        )}
        {draft.isChanged || record === null ? (
          <KeepBar record={record} draft={draft} look={look} lenses={lenses} onOpen={onOpen} />
        ) : null}
        {wide || isFolded ? null : <LookBar look={look} lenses={lenses} />}
        <SpokenLater text={foundNow} fromChange />
        <OverdueBeside lens={shownLens} lenses={lenses} day={day} onChange={draft.change} />
        {list.count === 0 && look.view !== 'columns' ? (
          <EmptyPlace says="Nothing fits this lens. Remove a condition, or change it." />
        ) : (
          <ShownLens key={look.view} {...shown} />
        )}
        {record && isMenu ? (
          <LensMenu
            record={record}
            lens={lens}
            lenses={lenses}
            onView={look.setView}
            onOpen={onOpen}
            onClose={() => setMenu(false)}
          />
        ) : null}
      </Column>
    </>
  )
}

/** What a new lens begins with. */
const startOf: Lens = emptyLens

/** What is changed just now can be kept to this lens, as a new one, or put back. */
function KeepBar({
  record,
  draft,
  look,
  lenses,
  onOpen,
}: {
  readonly record: LensRecord | null
  readonly draft: LensDraft
  readonly look: LensLook
  readonly lenses: OnDemand['lenses']
  readonly onOpen: (id: LensId) => void
}) {
  const act = useAct()
  const [isNaming, setNaming] = useState(record === null)
  const [name, setName] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const keepNew = () => {
    if (name.trim() === '') return setProblem('A lens needs a name.')
    const { view, columnsBy, limits, columns, shows } = look
    const face = { ...(record ? lenses.lookOf(record) : {}), view, columnsBy, limits, columns, shows }
    const outcome = act('addLens', { name, lens: draft.lens, face })
    const added = outcome.ok ? outcome.value[0] : undefined
    if (added?.kind !== 'added') return
    draft.putBack()
    onOpen(added.record.id as Id<'lens'>)
  }
  return (
    <Column
      gap="$2"
      padding="$3"
      borderWidth={1}
      borderStyle="dashed"
      borderColor="$brass"
      borderRadius={3}
      role="group"
      aria-label="What becomes of the change"
    >
      {record ? (
        <Row justifyContent="space-between" gap="$2">
          <Words tone="brass" flexShrink={1}>
            Changed on this device only.
          </Words>
          <Button kind="quiet" label="Undo the change" flexShrink={0} onPress={draft.putBack} />
        </Row>
      ) : null}
      {isNaming ? (
        <Row gap="$2" alignItems="flex-start" flexWrap="wrap">
          <Column flex={1} minWidth={180}>
            <Field
              label="Name of the new lens"
              placeholder="Its name"
              value={name}
              maxLength={200}
              problem={problem}
              onChangeText={(text) => {
                setName(text)
                setProblem(null)
              }}
              onSubmitEditing={keepNew}
            />
          </Column>
          <Button kind="main" label="Save lens" onPress={keepNew} />
          {record ? <Button kind="quiet" label="Cancel" onPress={() => setNaming(false)} /> : null}
        </Row>
      ) : (
        <Row gap="$2" flexWrap="wrap">
          {record ? (
            <Button
              kind="main"
              label="Save lens"
              onPress={() => {
                if (act('editLens', { id: record.id, lens: draft.lens }).ok) draft.putBack()
              }}
            />
          ) : null}
          <Button label="Save as a new lens" onPress={() => setNaming(true)} />
        </Row>
      )}
    </Column>
  )
}
