/** As it is compared: without case and without accents. */
export const plainTerm = (text: string): string => {
  const lower = text.toLowerCase()
  // Taking letters apart is slow, and most texts have none that come apart.
  return /[^\x00-\x7f]/.test(lower) ? lower.normalize('NFD').replace(/\p{M}/gu, '') : lower
}
