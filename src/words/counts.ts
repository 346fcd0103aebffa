// Numbers of things.

export const count = (number: number, one: string, many = `${one}s`): string =>
  `${number.toLocaleString('en-GB')} ${number === 1 ? one : many}`

const fewTimes: Readonly<Record<number, string>> = { 1: 'once', 2: 'twice' }

export const times = (number: number): string => fewTimes[number] ?? `${number.toLocaleString('en-GB')} times`

export const megabytes = (bytes: number): string => `${Math.round(bytes / 1e6)} MB`

/** "812 bytes", "40 kB", "2.4 MB". */
export function fileSize(bytes: number): string {
  if (bytes < 1000) return count(bytes, 'byte')
  if (bytes < 999_500) return `${Math.round(bytes / 1000)} kB`
  const mega = bytes / 1e6
  return `${mega < 10 ? mega.toFixed(1).replace('.0', '') : Math.round(mega).toLocaleString('en-GB')} MB`
}
