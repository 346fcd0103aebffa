export { isBlobHash, type BlobHash } from './blobName'
export { blobHashOf, makeBlobHasher, type BlobHasher } from './blobHash'
