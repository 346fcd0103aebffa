// Numbers of things.

export const count = (number: number, one: string, many = `${one}s`): string =>
  `${number.toLocaleString('en-GB')} ${number === 1 ? one : many}`

const fewTimes: Readonly<Record<number, string>> = { 1: 'once', 2: 'twice' }

export const times = (number: number): string => fewTimes[number] ?? `${number.toLocaleString('en-GB')} times`

export const megabytes = (bytes: number): string => `${Math.round(bytes / 1e6)} MB`
