/** The compartments of the tray, in the order of their keys 1-6. */
export const compartments = ['action', 'twoMinutes', 'project', 'someday', 'reference', 'letGo'] as const
export type Compartment = (typeof compartments)[number]

/** The compartment of a pressed key, or null. */
export const compartmentOfKey = (key: string): Compartment | null =>
  /^[1-9]$/.test(key) ? (compartments[Number(key) - 1] ?? null) : null
