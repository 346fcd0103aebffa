const calm = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches

const rowOf = (id: string, box: ParentNode = document): HTMLElement | null =>
  box.querySelector<HTMLElement>(`[data-of="${CSS.escape(id)}"] [data-row]`)

/** Puts the focus at once on the row that something has in a box; false where it has none there. */
export function focusRowIn(box: ParentNode, id: string): boolean {
  const row = rowOf(id, box)
  row?.focus()
  return row !== null
}

/** Brings the row of an action into sight and puts the focus on it; unfolds what it is rolled up in. */
export function findRow(id: string): void {
  const fold = document.querySelector<HTMLElement>(`[data-holds~="${CSS.escape(id)}"][aria-expanded="false"]`)
  if (fold && !rowOf(id)) fold.click()
  requestAnimationFrame(() => {
    const row = rowOf(id)
    row?.scrollIntoView({ block: 'center', behavior: calm() ? 'auto' : 'smooth' })
    row?.focus({ preventScroll: true })
  })
}
