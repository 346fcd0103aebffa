/** Either a value or the reason there is none. Refusals are values here, never exceptions. */
export type Result<T, E> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E }

export const ok = <T>(value: T): Result<T, never> => ({ ok: true, value })
export const refuse = <E>(error: E): Result<never, E> => ({ ok: false, error })
