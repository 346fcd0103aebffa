// Rendering a station over a store of its own.
import { TamaguiProvider } from '@tamagui/core'
import { act, render } from '@testing-library/react'
import type { ReactElement } from 'react'
import { makeDeviceMemory } from '@/state'
import { onDemand } from '@/state/commands/onDemand'
import { makeMemoryBlobs } from '@/state/persistence/blobs/memoryBlobs'
import { makeTestStore, type TestStore } from '@/state/testing'
// What is drawn loads on demand: read here, so that no test waits for it.
import '@/ui/drawings'
import { config } from '@/ui/tamagui.config'
import { RowSurroundingsProvider } from '@/parts/rows/surroundings'
import * as dragKit from '@/ui/dragging/kit'
import { haveDragKit } from '@/ui/dragging/useDragKit'
import * as reader from '@/core/sentence/reader'
import { desk } from '@/held/desk'
import * as learned from '@/held/learned'
import { haveReader } from '@/held/reader'
import * as help from '@/words/help'
import * as past from '@/core/past'
import * as people from '@/core/person'
import { kindsInWords } from '@/words/kinds'
import * as turning from '@/core/note/turning'
import { haveTurning } from '@/parts/note/useTurning'
import { NoticeBar, NoticeSpoken } from './NoticeStrip'
import { ZenProvider } from '@/held/zen'

haveReader({ ...reader, days: reader, learned, kinds: kindsInWords, help, past, people }, onDemand)
haveDragKit(dragKit)
haveTurning(turning)

/** Shows a station; `furnish` fills the store before it is shown. */
export async function showStation(
  station: ReactElement,
  furnish: (store: TestStore) => void = () => {},
): Promise<TestStore> {
  window.localStorage.clear()
  desk.setState({ notice: null, sheet: null, chosen: [], amendAsked: false, asked: null })
  const store = makeTestStore()
  await store.load()
  furnish(store)
  const parts = {
    store,
    memory: makeDeviceMemory(() => window.localStorage),
    blobs: async () => makeMemoryBlobs(),
    kept: { database: 'test', by: 'test' },
    clock: { nowEpochMs: () => store.clock.epochMs, zone: () => store.clock.zone },
  }
  await act(async () => {
    render(
      <TamaguiProvider config={config} defaultTheme="light" disableInjectCSS>
        <ZenProvider value={parts}>
          <RowSurroundingsProvider>{station}</RowSurroundingsProvider>
          <NoticeSpoken />
          <NoticeBar />
        </ZenProvider>
      </TamaguiProvider>,
    )
  })
  return store
}
