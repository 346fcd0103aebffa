/** The compartments of the tray, in the order of their keys 1-9. */
export const compartments = [
  'action',
  'twoMinutes',
  'project',
  'handOver',
  'notBefore',
  'someday',
  'reference',
  'reading',
  'letGo',
] as const
export type Compartment = (typeof compartments)[number]

/** The compartment of a pressed key, or null. */
export const compartmentOfKey = (key: string): Compartment | null =>
  /^[1-9]$/.test(key) ? (compartments[Number(key) - 1] ?? null) : null
