// What was let go of or removed: found by its words, put back, or removed for good by the person alone.
import { useMemo, useState } from 'react'
import { kindOf, type Id } from '@/core/record'
import { lists, owned, select } from '@/state'
import { Button, Column, EmptyPlace, Field, Press, Row, SlideOver, Words } from '@/ui'
import { RowList } from '@/parts/rows/RowList'
import { desk } from '@/held/desk'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'
import { count, fileSize, momentWords, nameOfRecord, shortened } from '@/words'

type Gone = { readonly id: Id<'action'> | Id<'slip'> | Id<'reference'> | Id<'reading'>; readonly at: number }

const kindWords: Readonly<Partial<Record<string, string>>> = {
  action: 'let go',
  slip: 'taken out of the Tray',
}

function useGone(): readonly Gone[] {
  const actions = useHeld((state) => lists.letGoOf(state.document))
  const removed = useHeld((state) => select.removedOf(state.document))
  return useMemo(
    () =>
      [...actions, ...removed]
        .map(({ id, letGoAtEpochMs }) => ({ id, at: letGoAtEpochMs ?? 0 }))
        .sort((a, b) => b.at - a.at),
    [actions, removed],
  )
}

export function LetGoList() {
  const document = useHeldDocument()
  const gone = useGone()
  const [words, setWords] = useState('')
  const [isAsking, setAsking] = useState(false)
  if (gone.length === 0)
    return <EmptyPlace says="What you let go of or remove is here. Put it back, or delete it for good." />
  const wanted = words.trim().toLowerCase()
  const found = gone.filter(({ id }) => nameOfRecord(document, id).toLowerCase().includes(wanted))
  return (
    <Column gap="$3">
      <Field
        label="Find among what was let go"
        placeholder="Find by its words"
        value={words}
        onChangeText={setWords}
      />
      <Words size="second" tone="inkSoft" role="status">
        {found.length === gone.length ? count(gone.length, 'thing') : `${found.length} of ${gone.length}`}
      </Words>
      <RowList items={found} label="Let go" render={(one) => <GoneRow gone={one} />} />
      <Row>
        <Button
          kind="quiet"
          tone="clay"
          label={found.length === gone.length ? 'Delete all…' : 'Delete these…'}
          disabled={found.length === 0}
          onPress={() => setAsking(true)}
        />
      </Row>
      {isAsking ? <Emptying ids={found.map(({ id }) => id)} onClose={() => setAsking(false)} /> : null}
    </Column>
  )
}

function GoneRow({ gone: { id, at } }: { gone: Gone }) {
  const act = useAct()
  const today = useToday()
  const { clock } = useZen()
  const { open } = useOpened()
  const document = useHeldDocument()
  const name = nameOfRecord(document, id)
  const kind = kindOf(id)
  const putBack = () => {
    const say = `Put back: ${shortened(name)}`
    if (kind === 'action') act('untick', { id: id as Id<'action'> }, { say })
    else act('putBack', { id: id as Id<'slip'> }, { say })
  }
  return (
    <Row
      render="li"
      gap="$1"
      paddingLeft="$3"
      backgroundColor="$slip"
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Press flex={1} minWidth={0} minHeight={60} onPress={() => open(id)} data-row>
        <Column flex={1} minWidth={0} paddingVertical="$2">
          <Words tone="inkSoft" className="clamped two">
            {name}
          </Words>
          <Words size="second" tone="inkSoft">
            {kindWords[kind] ?? `${kind}, removed`} {momentWords(at, clock.zone(), today)}
          </Words>
        </Column>
      </Press>
      <Button kind="quiet" label="Put back" aria-label={`Put back ${shortened(name)}`} onPress={putBack} />
    </Row>
  )
}

/** What goes along is said first. The bytes of files go at once; the words can still be brought back by undo. */
function Emptying({ ids, onClose }: { ids: readonly Gone['id'][]; onClose: () => void }) {
  const act = useAct()
  const { store, blobs } = useZen()
  const document = useHeldDocument()
  const files = ids.flatMap((id) => owned.filesOf(document, id))
  const steps = ids.reduce((sum, id) => sum + owned.stepsOf(document, id).length, 0)
  const bytes = files.reduce((sum, file) => sum + file.bytes, 0)
  const along = [
    ...(steps > 0 ? [count(steps, 'step')] : []),
    ...(files.length > 0 ? [`${count(files.length, 'file')} (${fileSize(bytes)})`] : []),
  ]
  const empty = async () => {
    onClose()
    if (!act('emptyLetGo', { ids }, { say: `Deleted: ${count(ids.length, 'thing')}` }).ok) return
    const still = select.blobsOf(store.api.getState().document)
    const port = await blobs()
    for (const { blob, smallBlob } of files)
      for (const hash of [blob, smallBlob]) if (hash && !still.has(hash)) await port.remove(hash)
  }
  const failed = () =>
    desk.getState().tell('The browser did not delete all the files. Try again.', { problem: true })
  return (
    <SlideOver title={`Delete ${count(ids.length, 'thing')}?`} onClose={onClose}>
      <Words>
        {along.length > 0
          ? `${along.join(' and ')} ${steps + files.length === 1 ? 'goes' : 'go'} along. `
          : ''}
        {files.length > 0
          ? 'Undo brings the words back, but not the files.'
          : 'Undo can still bring them back.'}
      </Words>
      <Row gap="$2.5" flexWrap="wrap">
        <Button kind="main" label="Delete" onPress={() => void empty().catch(failed)} />
        <Button kind="quiet" label="Leave them" onPress={onClose} />
      </Row>
    </SlideOver>
  )
}
