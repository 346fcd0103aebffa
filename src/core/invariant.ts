/** Stops at our own mistakes. Never used for what a person typed or for what the outside world did. */
export function invariant(condition: unknown, what: string): asserts condition {
  if (!condition) throw new Error(`Invariant broken: ${what}`)
}

/** Closes a `switch` over a union: a new member becomes a compile error. */
export function assertNever(value: never): never {
  throw new Error(`Unexpected case: ${JSON.stringify(value)}`)
}
