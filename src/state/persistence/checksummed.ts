// Every kept value carries a checksum in front, so that what was written whole is known to be whole without
// checking each record again. It guards against damage, not against malice.
import { checksumOf } from '@/core/checksum'
import { currentVersion } from '@/core/migrations/currentVersion'

/** In front of a value: its checksum, and the version it was written in. Version 1 wrote the checksum alone. */
export function toChecksummed(value: unknown): string {
  const json = JSON.stringify(value)
  return `${checksumOf(json)} ${currentVersion}\n${json}`
}

export type Opened =
  | { readonly kind: 'whole' | 'damaged'; readonly value: unknown; readonly version: number }
  | { readonly kind: 'unreadable' }

/** `whole` as written; `damaged` where it can be read but is not what was written; `unreadable` otherwise. */
export function fromChecksummed(text: string): Opened {
  const at = text.indexOf('\n')
  const [checksum = '', version = '1'] = text.slice(0, Math.max(0, at)).split(' ')
  try {
    const value: unknown = JSON.parse(text.slice(at + 1))
    // Over the whole text: one that was cut out of it takes twice as long to go through.
    const isWhole = at > 0 && checksum === checksumOf(text, at + 1) && /^\d{1,6}$/.test(version)
    return { kind: isWhole ? 'whole' : 'damaged', value, version: isWhole ? Number(version) : 1 }
  } catch {
    return { kind: 'unreadable' }
  }
}
