export function WeekStation() { return null }
