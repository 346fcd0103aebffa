export { noTabs, boundedClock, type Clock, type TabChannel, type TabMessage } from './clock'
export {
  demoMark,
  demoReplica,
  stampFor,
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
  type Later,
} from './commands'
export { makeDeviceMemory, type DeviceMemory } from './deviceMemory'
export { type FromFileWorker, type TemplateAsked, type TemplateRead, type ToFileWorker } from './fileWorker'
export { type Keeping } from './keeper'
export { type AppErrorCode } from './persistence'
export { type BlobStore } from './persistence/blobs/blobStore'
export { actOfKey, actUsing, keyActs, keymapOf, type KeyAct, type Keymap } from './keymap'
export * as lists from './actionIndexes'
export * as parts from './partIndexes'
export { type StoreState } from './storeState'
export * as select from './selectors'
export type { RecordParser } from './faultOf'
export { makeZenStore, type JournalRead, type RunOptions, type ZenStore } from './store'
