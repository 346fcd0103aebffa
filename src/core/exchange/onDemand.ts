// The one door through which the running application loads this folder, so that the schemas stay out of the start.
export { changeFault, entryFault, parsePartialRecord, parseRecord, parseStoreFile, storeFileParts } from '.'
