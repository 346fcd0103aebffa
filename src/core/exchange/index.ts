export { changeFault, countsOf, entryFault, parseStoreFile, storeFileLimitBytes, toStoreFile, type StoreFile, type StoreFileFault } from './storeFile'
