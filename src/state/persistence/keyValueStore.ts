// The port to wherever text is kept under keys. An adapter must pass test/contracts/keyValueStore.

export interface KeyValueStore {
  getAllKeys(): Promise<readonly string[]>
  /** Null for a key that is not there. What is kept there and is no text comes back as some text, never as an error. */
  getMany(keys: readonly string[]): Promise<Readonly<Record<string, string | null>>>
  /** All of them or none. */
  setMany(values: Readonly<Record<string, string>>): Promise<void>
  /** All of them or none. */
  removeMany(keys: readonly string[]): Promise<void>
  /** Lets go of the connection, which may be dead: the next call opens another. */
  reopen(): void
}
