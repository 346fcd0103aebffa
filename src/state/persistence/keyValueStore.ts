// The port to wherever text is kept under keys. An adapter must pass test/contracts/keyValueStore.

export interface KeyValueStore {
  getAllKeys(): Promise<readonly string[]>
  /** Null for a key that is not there. */
  getMany(keys: readonly string[]): Promise<Readonly<Record<string, string | null>>>
  /** All of them or none. */
  setMany(values: Readonly<Record<string, string>>): Promise<void>
  /** All of them or none. */
  removeMany(keys: readonly string[]): Promise<void>
}
