// How stations reach the store: hooks, and nothing of where the store comes from.
import { createContext, useCallback, useContext } from 'react'
import { useStore } from 'zustand'
import { recordIn, type Diff, type Document } from '@/core/journal'
import { isIdOf, type Id } from '@/core/record'
import { refuse } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import {
  owned,
  type ArgsOf,
  type BlobStore,
  type Clock,
  type CommandName,
  type DeviceMemory,
  type Outcome,
  type RunOptions,
  type StoreState,
  type ZenStore,
} from '@/state'
import { eventsIn } from '@/state/events/events'
import { desk } from './desk'
import { actWords, nameOfRecord, refusalWords, revertedWords, setWords, shortDate, shortened } from '@/words'

export interface ZenParts {
  readonly store: ZenStore
  readonly memory: DeviceMemory
  readonly clock: Clock
  /** Where this copy keeps things, and its name there: for workers that keep on its behalf. */
  readonly kept: { readonly database: string; readonly by: string }
  /** The bytes of files: loaded when first asked for. */
  readonly blobs: () => Promise<BlobStore>
}

const ZenContext = createContext<ZenParts | null>(null)
export const ZenProvider = ZenContext.Provider

export function useZen(): ZenParts {
  const parts = useContext(ZenContext)
  if (!parts) throw new Error('A station was rendered outside ZenProvider.')
  return parts
}

export const useHeld = <T>(read: (state: StoreState) => T): T => useStore(useZen().store.api, read)
export const useHeldDocument = (): Document => useHeld((state) => state.document)
export const useToday = (): CalendarDate => useHeld((state) => state.today)

export interface ActOptions {
  /** What the notice says; by default the act and the name of the record. False says nothing. */
  readonly say?: string | false
  /** A refusal is said where the act was made, not as a notice. */
  readonly atField?: boolean
  readonly continuing?: RunOptions['continuing']
}

export type Act = <N extends CommandName>(name: N, args: ArgsOf<N>, options?: ActOptions) => Outcome

/** Whether a tick must be asked about first: some of the steps are still open. */
const hasOpenSteps = (document: Document, id: Id): boolean =>
  isIdOf('action', id) && owned.stepsOf(document, id).some(({ doneAtEpochMs }) => doneAtEpochMs === null)

/** Whether a check-box line of a note stands for it. */
const standsInNote = (document: Document, id: Id): boolean =>
  isIdOf('action', id) && recordIn(document, id)?.lineOf != null

/** Acts that say the value they have set. */
const tellsValue: ReadonlySet<CommandName> = new Set([
  'editAction',
  'moveTo',
  'setHorizon',
  'setWaiting',
  'pause',
])

/** What an act has set of an action, in words. */
function valuesSet(document: Document, diff: Diff, id: Id, today: CalendarDate): string {
  const action = isIdOf('action', id) ? recordIn(document, id) : undefined
  const part = diff.find((each) => each.kind === 'updated' && each.id === id)
  return action && part?.kind === 'updated' ? setWords(Object.keys(part.fields), action, document, today) : ''
}

/** Runs a command and says what happened, with undo in reach. A refusal is said too. */
export function useAct(): Act {
  const { store } = useZen()
  return useCallback<Act>(
    (name, args, { say, atField = false, continuing } = {}) => {
      const id = (args as { id?: Id }).id
      const called = id ? shortened(nameOfRecord(store.api.getState().document, id)) : ''
      const isLine = name === 'letGo' && id !== undefined && standsInNote(store.api.getState().document, id)
      if (name === 'tick' && id && hasOpenSteps(store.api.getState().document, id)) {
        desk.getState().openSheet({ kind: 'openSteps', id: id as Id<'action'> })
        return refuse({ kind: 'nothingToDo' })
      }
      const outcome = store.run(name, args, { continuing })
      const events = eventsIn(outcome)
      const next = events.find((event) => event.kind === 'nextCame')
      const asked = events.filter((event) => event.kind !== 'nextCame')
      if (asked.length > 0) desk.getState().askEach(asked)
      if (outcome.ok && say !== false) {
        const { document, today } = store.api.getState()
        const now = tellsValue.has(name) && id ? valuesSet(document, outcome.value, id, today) : ''
        const act =
          now && name === 'editAction'
            ? `${called}: ${now}`
            : [actWords[name], [called, now].filter(Boolean).join(', ')].filter(Boolean).join(': ')
        const told = isLine ? `${act}. Its line stays in the note` : act
        desk
          .getState()
          .tell(say ?? (next ? `${told}, then ${shortDate(next.on, today)}` : told), { undoable: true })
      }
      if (!outcome.ok && outcome.error.kind === 'underwayFull' && id) {
        desk.getState().openSheet({ kind: 'layDown', id: id as Id<'action'> })
        return outcome
      }
      if (!outcome.ok && outcome.error.kind === 'openInside') {
        desk.getState().openSheet({ ...outcome.error, kind: 'leaveProject' })
        return outcome
      }
      if (!outcome.ok && !atField && outcome.error.kind !== 'nothingToDo')
        desk.getState().tell(refusalWords(outcome.error), { problem: true })
      return outcome
    },
    [store],
  )
}

/** Undo and redo, with what they took back said aloud. */
export function useUndo(): { undo: () => void; redo: () => void; canUndo: boolean; canRedo: boolean } {
  const { store } = useZen()
  const canUndo = useHeld((state) => state.undo.undo.length > 0)
  const canRedo = useHeld((state) => state.undo.redo.length > 0)
  const undo = useCallback(() => {
    const { undo, document } = store.api.getState()
    const last = undo.undo.at(-1)
    if (store.undo() && last)
      desk.getState().tell(revertedWords('undo', last, document, store.api.getState().document))
  }, [store])
  const redo = useCallback(() => {
    const { undo, document } = store.api.getState()
    const next = undo.redo.at(-1)?.act
    if (store.redo() && next)
      desk.getState().tell(revertedWords('redo', next, document, store.api.getState().document))
  }, [store])
  return { undo, redo, canUndo, canRedo }
}
