// Every kept value carries a checksum in front, so that what was written whole is known to be whole without
// checking each record again. It guards against damage, not against malice.

/** 53 bits over UTF-16 units, in base 36. Source: the public-domain cyrb53 by bryc. */
function checksumOf(text: string): string {
  let high = 0xdeadbeef
  let low = 0x41c6ce57
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i)
    high = Math.imul(high ^ unit, 2654435761)
    low = Math.imul(low ^ unit, 1597334677)
  }
  high = Math.imul(high ^ (high >>> 16), 2246822507) ^ Math.imul(low ^ (low >>> 13), 3266489909)
  low = Math.imul(low ^ (low >>> 16), 2246822507) ^ Math.imul(high ^ (high >>> 13), 3266489909)
  return (4294967296 * (2097151 & low) + (high >>> 0)).toString(36)
}

export function toSealed(value: unknown): string {
  const json = JSON.stringify(value)
  return `${checksumOf(json)}\n${json}`
}

export type Opened = { readonly kind: 'whole'; readonly value: unknown } | { readonly kind: 'damaged'; readonly value: unknown } | { readonly kind: 'unreadable' }

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
