export function SettingsStation() { return null }
