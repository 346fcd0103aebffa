/** What is typed and not kept yet, and what was there when typing began: the text itself, or its checksum. */
export interface Typed {
  readonly text: string
  readonly from: string
}

/** As it lies in the device's memory; null where there is none, or what cannot be read. */
export function typedIn(kept: string | null): Typed | null {
  try {
    const typed = JSON.parse(kept ?? 'null') as Partial<Typed> | null
    return typeof typed?.text === 'string' && typeof typed.from === 'string'
      ? { text: typed.text, from: typed.from }
      : null
  } catch {
    return null
  }
}
