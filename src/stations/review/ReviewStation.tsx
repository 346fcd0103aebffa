export function ReviewStation() { return null }
