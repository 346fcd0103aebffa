// The running application reaches this folder through onDemand only: it brings the schemas, which do not load at the start.
export { parsePartialRecord, parseRecord, type ShapeFault } from '../record/parseRecord'
export {
  changeFault,
  entryFault,
  parseStoreFile,
  storeFileLimitBytes,
  storeFileParts,
  toStoreFile,
  type StoreFile,
  type StoreFileFault,
} from './storeFile'
export { parsePatternFile, type PatternFile, type PatternFileFault } from './parsePatternFile'
export { patternFileLimitBytes } from '../pattern/patternFile'
export {
  bundleLimitBytes,
  bundleParts,
  isBundle,
  parseBundle,
  patternBundle,
  type Bundle,
  type BundledBlob,
  type BundleKind,
} from './bundle'
