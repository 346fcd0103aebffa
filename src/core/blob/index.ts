export { blobHashOf, isBlobHash, makeBlobHasher, type BlobHash, type BlobHasher } from './blobHash'
