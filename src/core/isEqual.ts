/** Whether two plain JSON values are equal, field by field, whatever the order of their keys. */
export function isEqual(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  const keysOfA = Object.keys(a)
  if (keysOfA.length !== Object.keys(b).length) return false
  return keysOfA.every((key) => Object.hasOwn(b, key) && isEqual(a[key as never], b[key as never]))
}
