// Numbers of things.

export const count = (number: number, one: string, many = `${one}s`): string =>
  `${number} ${number === 1 ? one : many}`

const fewTimes: Readonly<Record<number, string>> = { 1: 'once', 2: 'twice' }

export const times = (number: number): string => fewTimes[number] ?? `${number} times`

export const megabytes = (bytes: number): string => `${Math.round(bytes / 1e6)} MB`
