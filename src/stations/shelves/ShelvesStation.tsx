export function ShelvesStation() { return null }
