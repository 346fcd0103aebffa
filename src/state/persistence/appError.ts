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

/** Which storage trouble an unknown error is. */
export function storageErrorOf(cause: unknown): AppError {
  if (cause instanceof AppError) return cause
  const name = cause instanceof Error ? `${cause.name} ${cause.message}` : String(cause)
  if (/quota|disk|full/i.test(name)) return new AppError('storageFull', cause)
  if (/blocked|security|denied|InvalidState|not allowed/i.test(name)) return new AppError('storageBlocked', cause)
  return new AppError('storageFailed', cause)
}
