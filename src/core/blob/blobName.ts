// The name of bytes kept apart, for records that speak of them: without what works it out.
export type BlobHash = `sha256-${string}`

const shape = /^sha256-[0-9a-f]{64}$/
export const isBlobHash = (value: unknown): value is BlobHash =>
  typeof value === 'string' && shape.test(value)
