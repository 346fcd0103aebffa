// The one door through which the running application loads what the start must not hold: the schemas, reading and
// writing files, and the bytes of files. A module behind two such doors would load at the start.
export {
  bundleParts,
  changeFault,
  entryFault,
  lensFileChecks,
  parsePartialRecord,
  templateBundle,
  parseRecord,
  parseStoreFile,
  storeFileParts,
} from '@/core/exchange'
export { migrateChange, migrateEntry } from '@/core/migrations'
export { makeStoreImport } from './storeImport'
export { readUnkept } from './unkept'
export { portionsOf } from '../persistence/blobs/blobStore'
export { makeIndexedDbBlobs } from '../persistence/blobs/indexedDbBlobs'
export { makeCompactor } from '../persistence/compactor'
export { repair } from '../persistence/repair'
export { absorbedValues } from '../persistence/segments'
