import { kind, note, rank, title } from './field'

export const person = kind({ name: title(), note: note(), rank }, { opens: true })
