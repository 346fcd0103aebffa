// Every kept value carries a checksum in front, so that what was written whole is known to be whole without
// checking each record again. It guards against damage, not against malice.
import { checksumOf } from '@/core/checksum'

export function toSealed(value: unknown): string {
  const json = JSON.stringify(value)
  return `${checksumOf(json)}\n${json}`
}

export type Opened =
  | { readonly kind: 'whole'; readonly value: unknown }
  | { readonly kind: 'damaged'; readonly value: unknown }
  | { readonly kind: 'unreadable' }

/** `whole` as written; `damaged` where it can be read but is not what was written; `unreadable` otherwise. */
export function fromSealed(text: string): Opened {
  const at = text.indexOf('\n')
  const json = text.slice(at + 1)
  try {
    const value: unknown = JSON.parse(json)
    return { kind: at > 0 && text.slice(0, at) === checksumOf(json) ? 'whole' : 'damaged', value }
  } catch {
    return { kind: 'unreadable' }
  }
}
