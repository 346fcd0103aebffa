// The outside world going wrong, as one kind of error with a code. Never holds what a person wrote.

export type AppErrorCode = 'storageFull' | 'storageBlocked' | 'storageFailed'

export class AppError extends Error {
  constructor(
    readonly code: AppErrorCode,
    override readonly cause: unknown,
  ) {
    super(code)
    this.name = 'AppError'
  }
}

/** The names and messages of an error and of what it says caused it. */
function namesIn(cause: unknown, depth = 0): string {
  if (depth > 4 || typeof cause !== 'object' || cause === null) return String(cause)
  const {
    name = '',
    message = '',
    type = '',
    cause: inner,
    nativeError,
    error,
  } = cause as Record<string, unknown>
  return [
    name,
    message,
    type,
    ...[inner, nativeError, error].filter(Boolean).map((next) => namesIn(next, depth + 1)),
  ].join(' ')
}

/** Which storage trouble an unknown error is. */
export function storageErrorOf(cause: unknown): AppError {
  if (cause instanceof AppError) return cause
  const name = namesIn(cause)
  if (/quota|disk|full/i.test(name)) return new AppError('storageFull', cause)
  if (/blocked|security|denied|InvalidState|not allowed/i.test(name))
    return new AppError('storageBlocked', cause)
  return new AppError('storageFailed', cause)
}
