// One lens: its name, its sentence, and what it lists. What is changed holds just now, until it is kept here or as a new one.
import { useState } from 'react'
import { useMedia } from '@tamagui/core'
import { emptyLens, type Lens } from '@/core/lens/lens'
import type { Id, LensRecord } from '@/core/record'
import type { Later } from '@/state'
import { Button, Column, EmptyPlace, Field, IconButton, Row, Seal, Words } from '@/ui'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { sumWords } from '@/words/lens'
import { LensMenu } from './LensMenu'
import { LensRows } from './LensRows'
import { LensSentence } from './LensSentence'
import { SayLens } from './SayLens'
import { useLensDraft, type LensDraft } from './useLensDraft'

export type LensId = Id<'lens'> | 'new'

export function LensSheet({
  id,
  lenses,
  onOpen,
}: {
  readonly id: LensId
  readonly lenses: Later['lenses']
  readonly onOpen: (id: LensId | null) => void
}) {
  const document = useHeldDocument()
  const record = id === 'new' ? null : lenses.lensOf(document, id)
  if (record === undefined || record?.letGoAtEpochMs)
    return (
      <EmptyPlace says="This lens is gone. What it listed is all still there.">
        <Button label="See all lenses" onPress={() => onOpen(null)} />
      </EmptyPlace>
    )
  return <OneLens key={id} id={id} record={record} lenses={lenses} onOpen={onOpen} />
}

function OneLens({
  id,
  record,
  lenses,
  onOpen,
}: {
  readonly id: LensId
  readonly record: LensRecord | null
  readonly lenses: Later['lenses']
  readonly onOpen: (id: LensId | null) => void
}) {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const { wide } = useMedia()
  const names = lenses.lensNamesOf(document)
  const kept = record ? lenses.lensIn(record) : startOf
  const draft = useLensDraft(id, kept, lenses, names)
  const { lens } = draft
  const list = lenses.lensListOf(document, lens, { today, zone: clock.zone() })
  const [isMenu, setMenu] = useState(false)
  return (
    <Column gap="$2">
      <Row gap="$3" alignItems="center" paddingTop={wide ? '$0' : '$2'}>
        {record ? <Seal stamp={record.stamp} ink={record.ink} /> : null}
        <Words render={wide ? 'h1' : 'h2'} size={wide ? 'heading' : 'title'} flex={1} minWidth={0}>
          {record?.name ?? 'A new lens'}
        </Words>
        <Words tone="inkSoft" flexShrink={0}>
          {sumWords(list)}
        </Words>
        {record ? (
          <IconButton
            label="This lens: name, seal, place"
            icon="settings"
            tone="inkSoft"
            aria-haspopup="dialog"
            onPress={() => setMenu(true)}
          />
        ) : null}
      </Row>
      <LensSentence lens={lens} lenses={lenses} names={names} onChange={draft.change} />
      <SayLens lens={lens} lenses={lenses} names={names} onSay={draft.change} />
      {draft.isChanged || record === null ? (
        <KeepBar record={record} draft={draft} lenses={lenses} onOpen={onOpen} />
      ) : null}
      {list.count === 0 ? (
        <EmptyPlace says="Nothing is as this lens asks. Take a condition off, or say it otherwise." />
      ) : (
        <LensRows list={list} lens={lens} lenses={lenses} names={names} />
      )}
      {record && isMenu ? (
        <LensMenu
          record={record}
          lens={lens}
          lenses={lenses}
          onOpen={onOpen}
          onClose={() => setMenu(false)}
        />
      ) : null}
    </Column>
  )
}

/** What a new lens begins with. */
const startOf: Lens = { ...emptyLens, conditions: [{ kind: 'state', state: 'ready', not: false }] }

/** What is changed just now can be kept to this lens, as a new one, or put back. */
function KeepBar({
  record,
  draft,
  lenses,
  onOpen,
}: {
  readonly record: LensRecord | null
  readonly draft: LensDraft
  readonly lenses: Later['lenses']
  readonly onOpen: (id: LensId) => void
}) {
  const act = useAct()
  const [isNaming, setNaming] = useState(record === null)
  const [name, setName] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const keepNew = () => {
    if (name.trim() === '') return setProblem('A lens needs a name.')
    const outcome = act('addLens', { name, lens: draft.lens, face: record ? lenses.lookOf(record) : {} })
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
            Changed just now, on this device alone.
          </Words>
          <Button kind="quiet" label="Put it back" flexShrink={0} onPress={draft.putBack} />
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
          <Button kind="main" label="Keep it as a lens" onPress={keepNew} />
          {record ? <Button kind="quiet" label="Not so" onPress={() => setNaming(false)} /> : null}
        </Row>
      ) : (
        <Row gap="$2" flexWrap="wrap">
          {record ? (
            <Button
              kind="main"
              label="Keep to this lens"
              onPress={() => {
                if (act('editLens', { id: record.id, lens: draft.lens }).ok) draft.putBack()
              }}
            />
          ) : null}
          <Button label="As a new lens" onPress={() => setNaming(true)} />
        </Row>
      )}
    </Column>
  )
}
