// Numbers of things.

export const count = (number: number, one: string, many = `${one}s`): string =>
  `${number} ${number === 1 ? one : many}`

export const times = (number: number): string =>
  number === 1 ? 'once' : number === 2 ? 'twice' : `${number} times`

export const megabytes = (bytes: number): string => `${Math.round(bytes / 1e6)} MB`
