export { AppError, storageErrorOf, type AppErrorCode } from './appError'
export {
  makeArchive,
  usualLimits,
  type Archive,
  type HistoryPortion,
  type Loaded,
  type News,
} from './archive'
export { type KeyValueStore } from './keyValueStore'
export { makeMemoryStore } from './memoryStore'
export { type Aside } from './readKept'
