/**
 * 53 bits over UTF-16 units from a place on, in base 36: against damage, not against malice. Source: the public-domain
 * cyrb53 by bryc.
 */
export function checksumOf(text: string, from = 0): string {
  let high = 0xdeadbeef
  let low = 0x41c6ce57
  for (let i = from; i < text.length; i++) {
    const unit = text.charCodeAt(i)
    high = Math.imul(high ^ unit, 2654435761)
    low = Math.imul(low ^ unit, 1597334677)
  }
  high = Math.imul(high ^ (high >>> 16), 2246822507) ^ Math.imul(low ^ (low >>> 13), 3266489909)
  low = Math.imul(low ^ (low >>> 16), 2246822507) ^ Math.imul(high ^ (high >>> 13), 3266489909)
  return (4294967296 * (2097151 & low) + (high >>> 0)).toString(36)
}
