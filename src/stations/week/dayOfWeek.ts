import type { Load } from '@/core/day'
import type { Action } from '@/core/record'
import type { WeekDay } from '@/core/week'

/** One day as the Week shows it. */
export interface DayOfWeek extends WeekDay {
  readonly load: Load
  readonly done: readonly Action[]
  /** What that took, else what it was guessed to take. */
  readonly doneMinutes: number
}
