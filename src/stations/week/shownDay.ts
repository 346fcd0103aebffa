import type { Load } from '@/core/day'
import type { Action } from '@/core/record'
import type { WeekDay } from '@/core/week'

/** One day as the Week and the Month show it. */
export interface ShownDay extends WeekDay {
  readonly load: Load
  readonly done: readonly Action[]
  /** What that took, else what it was guessed to take. */
  readonly doneMinutes: number
}
