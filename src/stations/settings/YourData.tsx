// The whole store to a file and back, the demo data, and starting over.
import { useEffect, useState } from 'react'
import { select } from '@/state'
import { Button, Choice, Column, Row, SlideOver, Words } from '@/ui'
import { FileButton } from '@/ui/FileButton'
import { desk } from '@/held/desk'
import { useDemo } from '@/held/demo'
import { useLastBackup } from '@/held/backups'
import { count, fileSize, nearDate, refusalWords } from '@/words'
import { useAct, useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'
import { useStoreImport } from './useStoreImport'
import { useSaveFile } from '@/held/useSaveFile'

export function YourData() {
  const document = useHeldDocument()
  const [sheet, setSheet] = useState<'wipe' | 'demo' | null>(null)
  const exportFile = useSaveFile()
  const act = useAct()
  const last = useLastBackup()
  const today = useToday()
  const asks = useHeld((state) => select.settingsOf(state.document).asksForBackup)
  return (
    <Column render="section" aria-label="Your data" gap="$3">
      <Words render="h2" size="title">
        Your data
      </Words>
      <Words tone="inkSoft">
        Everything is kept in this browser, on this device, and nowhere else.{' '}
        {count(select.countOf(document), 'record')} so far. A file is your backup, and the way to another
        device.
      </Words>
      <FileRoom />
      <Words tone="inkSoft">
        {last
          ? `Last backup on this device: ${nearDate(last, today)}.`
          : 'No backup saved on this device yet.'}
      </Words>
      <Choice
        label="Ask for a backup"
        options={[
          { value: 'yes', label: 'once a month' },
          { value: 'no', label: 'never' },
        ]}
        chosen={[asks ? 'yes' : 'no']}
        onToggle={(value) => act('setSettings', { asksForBackup: value === 'yes' }, { say: false })}
      />
      <Row gap="$2.5" flexWrap="wrap">
        <Button label="Save a backup" onPress={() => void exportFile()} />
        <StoreImport />
      </Row>
      <DemoButtons onAsk={() => setSheet('demo')} />
      <Row>
        <Button kind="quiet" tone="clay" label="Remove everything…" onPress={() => setSheet('wipe')} />
      </Row>
      {sheet === 'wipe' ? (
        <WipeSheet onClose={() => setSheet(null)} onExport={() => void exportFile()} />
      ) : null}
      {sheet === 'demo' ? <DemoSheet onClose={() => setSheet(null)} /> : null}
    </Column>
  )
}

/** How many files lie here, and the room they take: counted where the bytes are. */
function FileRoom() {
  const { blobs } = useZen()
  const document = useHeldDocument()
  const files = select.fileCountOf(document)
  const [bytes, setBytes] = useState<number | null>(null)
  useEffect(() => {
    let isWanted = true
    void blobs()
      .then((port) => port.sizes())
      .then((sizes) => {
        if (isWanted) setBytes([...sizes.values()].reduce((sum, size) => sum + size, 0))
      })
      .catch(() => {})
    return () => {
      isWanted = false
    }
  }, [blobs, files])
  if (bytes === null || files === 0) return null
  return (
    <Words tone="inkSoft">
      {count(files, 'file')} among them; all files together take {fileSize(bytes)} of the browser’s room.
    </Words>
  )
}

function busyWords({
  kind,
  share,
}: Extract<ReturnType<typeof useStoreImport>['state'], { share: unknown }>): string {
  if (kind === 'keeping') return 'Importing…'
  return share === null ? 'Reading…' : `Reading… ${Math.round(share * 100)} %`
}

function StoreImport() {
  const { state, read, take, stop } = useStoreImport()
  const isBusy = state.kind === 'reading' || state.kind === 'keeping'
  return (
    <>
      <FileButton
        label={isBusy ? busyWords(state) : 'Import a file'}
        named="File to import"
        accept="application/json,application/zip,.json,.zip"
        disabled={isBusy}
        onFile={read}
      />
      {isBusy ? <Button kind="quiet" label="Stop" onPress={stop} /> : null}
      {state.kind === 'refused' ? (
        <Words role="alert" tone="clay" width="100%">
          {state.why}
        </Words>
      ) : null}
      {state.kind === 'read' ? (
        <SlideOver title="Import this?" onClose={stop}>
          <Words>{state.says}</Words>
          <Words tone="inkSoft">
            Where both changed the same thing, the later change stays. Undo takes all of it back.
          </Words>
          <Row gap="$2.5" flexWrap="wrap">
            <Button kind="main" label="Import" onPress={() => void take()} />
            <Button kind="quiet" label="Cancel" onPress={stop} />
          </Row>
        </SlideOver>
      ) : null}
    </>
  )
}

function DemoButtons({ onAsk }: { onAsk: () => void }) {
  const act = useAct()
  const { held, busy, load } = useDemo()
  const isEmpty = select.countOf(useHeldDocument()) === 0
  if (held)
    return (
      <Row>
        <Button
          label="Remove the demo data"
          onPress={() => act('removeDemo', {}, { say: 'The demo data is removed' })}
        />
      </Row>
    )
  return (
    <Row>
      <Button
        label={busy ? 'Loading…' : 'Load the demo data'}
        disabled={busy}
        onPress={() => (isEmpty ? void load() : onAsk())}
      />
    </Row>
  )
}

function DemoSheet({ onClose }: { onClose: () => void }) {
  const { load } = useDemo()
  return (
    <SlideOver title="Add the demo to your own data?" onClose={onClose}>
      <Words>
        Your own data stays as it is. The demo’s slips, actions and projects are mixed in with it until you
        remove them here again.
      </Words>
      <Row gap="$2.5" flexWrap="wrap">
        <Button
          kind="main"
          label="Load the demo data"
          onPress={() => {
            onClose()
            void load()
          }}
        />
        <Button kind="quiet" label="Cancel" onPress={onClose} />
      </Row>
    </SlideOver>
  )
}

function WipeSheet({ onClose, onExport }: { onClose: () => void; onExport: () => void }) {
  const { store, memory, blobs } = useZen()
  const wipe = async () => {
    onClose()
    try {
      const wiped = await store.wipe()
      if (!wiped.ok) return desk.getState().tell(refusalWords(wiped.error), { problem: true })
      memory.typed.clear()
      memory.unkept.clear()
      await (await blobs()).clear()
      desk.getState().tell('Everything is removed from this browser.')
    } catch {
      desk
        .getState()
        .tell(
          'The browser did not delete all the data. Try again, or delete it in the browser’s own settings.',
          { problem: true },
        )
    }
  }
  return (
    <SlideOver title="Remove everything?" onClose={onClose}>
      <Words>
        Every slip, action, project and review, and their history, go from this browser. This one act cannot
        be undone: save a file first.
      </Words>
      <Row gap="$2.5" flexWrap="wrap">
        <Button label="Save a backup" onPress={onExport} />
        <Button label="Remove everything" tone="clay" onPress={() => void wipe()} />
        <Button kind="quiet" label="Cancel" onPress={onClose} />
      </Row>
    </SlideOver>
  )
}
