// What is said between the page and the worker that reads a file and keeps what it brings. Records come in portions:
// one message of a hundred thousand would hold the screen. The journal of the file never leaves the worker.
import type { TemplateFile, TemplateFileFault, StoreFileFault } from '@/core/exchange'
import type { Change, Diff, Entry, Timestamp } from '@/core/journal'
import type { Result } from '@/core/result'
import type { AppErrorCode } from '../persistence'

export type ToFileWorker =
  | { readonly kind: 'read'; readonly file: File }
  /** The next portion of the act's diff. */
  | { readonly kind: 'parts'; readonly parts: Diff }
  /** Keeps what was read, and the act without its diff, in one write. `by` names who makes the segments. */
  | {
      readonly kind: 'keep'
      readonly act: Omit<Change, 'diff'>
      readonly database: string
      readonly by: string
    }

export type FromFileWorker =
  /** From 0 to 1. */
  | { readonly kind: 'progress'; readonly share: number }
  | { readonly kind: 'entries'; readonly entries: readonly Entry[] }
  /** Everything has been read: `latest` is no earlier than any timestamp in the file. */
  | { readonly kind: 'read'; readonly latest: Timestamp; readonly blobs: readonly Blob[] }
  | { readonly kind: 'refused'; readonly fault: StoreFileFault }
  | { readonly kind: 'kept'; readonly keys: readonly string[] }
  | { readonly kind: 'failed'; readonly code: AppErrorCode }

/** What the worker that reads the file of a template is asked. */
export interface TemplateAsked {
  readonly file: Blob
  /** Contexts here, by their names. */
  readonly contexts: readonly (readonly [name: string, id: string])[]
}
/** What it answers: the template, and the bytes of the files it names. */
export type TemplateRead = Result<TemplateFile & { readonly blobs: readonly Blob[] }, TemplateFileFault>
