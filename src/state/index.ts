export { noTabs, boundedClock, type Clock, type TabChannel, type TabMessage } from './store/clock'
export {
  demoMark,
  demoReplica,
  lettersFor,
  type ArgsOf,
  type CommandName,
  type FirstChoices,
  type NewAction,
  type NewFile,
  type NewRepeat,
  type NewSlip,
  type Outcome,
  type Piece,
  type Refusal,
  type OnDemand,
} from './commands'
export { makeDeviceMemory, type DeviceMemory } from './store/deviceMemory'
export {
  type FromFileWorker,
  type TemplateAsked,
  type TemplateRead,
  type ToFileWorker,
} from './store/fileWorker'
export { type Keeping } from './store/keeper'
export { type AppErrorCode } from './persistence'
export { type BlobStore } from './persistence/blobs/blobStore'
export { actOfKey, actUsing, keyActs, keymapOf, type KeyAct, type Keymap } from './read/keymap'
export * as lists from './read/actionIndexes'
export * as owned from './read/ownedIndexes'
export { type StoreState } from './store/storeState'
export * as select from './read/selectors'
export type { RecordParser } from './store/faultOf'
export { makeZenStore, type JournalRead, type RunOptions, type ZenStore } from './store/store'
