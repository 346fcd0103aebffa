// The running application reaches this folder through onDemand only: it brings the schemas, which do not load at the
// start.
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
export { lensFileChecks } from './lensFileChecks'
export { parseTemplateFile, type TemplateFile, type TemplateFileFault } from './parseTemplateFile'
export { templateFileLimitBytes } from '../template/templateFile'
export {
  bundleLimitBytes,
  bundleParts,
  isBundle,
  parseBundle,
  templateBundle,
  type Bundle,
  type BundledBlob,
  type BundleKind,
} from './bundle'
