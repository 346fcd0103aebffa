const calm = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches

const rowOf = (id: string): HTMLElement | null =>
  document.querySelector<HTMLElement>(`[data-of="${CSS.escape(id)}"] [data-row]`)

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
