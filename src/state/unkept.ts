// What a page that is left has not kept yet: laid where it is written at once, and taken up by the next start.
import { changeFault } from '@/core/exchange'
import { isStamp, type Change, type Stamp } from '@/core/journal'

/** A change that is not kept yet, and the earlier one that it stands in for. */
export interface Unkept {
  readonly change: Change
  readonly instead?: Stamp | undefined
}

/** What was laid down, as far as it is sound; a text that is none gives nothing. */
export function readUnkept(text: string): readonly Unkept[] {
  try {
    const laid: unknown = JSON.parse(text)
    if (!Array.isArray(laid)) return []
    return laid.flatMap((each: Unkept | null) => {
      if (!each || changeFault(each.change, 'unkept') !== null) return []
      return [
        isStamp(each.instead) ? { change: each.change, instead: each.instead } : { change: each.change },
      ]
    })
  } catch {
    return []
  }
}
