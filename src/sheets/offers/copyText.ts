/** Copies a text; what becomes of it is said by whoever asks. Where the browser forbids it, `onBlocked` is called. */
export function copyText(text: string, onCopied: () => void, onBlocked: () => void): void {
  try {
    navigator.clipboard.writeText(text).then(onCopied, onBlocked)
  } catch {
    // There is none on a page that came without encryption.
    onBlocked()
  }
}
