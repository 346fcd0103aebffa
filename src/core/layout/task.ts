// What a day is laid out from: the things to do, the gaps there are, and what a person wants of it.
import type { Interval } from '../day/busy'
import type { Energy } from '../record'

/** Where something is done: the context that takes time to get to; null for nowhere in particular. */
export type Place = string | null

/** One action of a day to be laid out; all times in minutes of the day. */
export interface Task {
  readonly id: string
  readonly minutes: number
  /** How much it matters that it is done today. */
  readonly value: number
  readonly energy: Energy | null
  readonly contextIds: readonly string[]
  readonly place: Place
  /** It must be over by then; null where the whole day will do. */
  readonly dueMinute: number | null
  /** When one of its contexts is at hand. */
  readonly atHand: readonly Interval[]
  /** Those among the tasks that have to be done before it. */
  readonly afterIds: readonly string[]
}

/** A gap between what is taken, with where one is before and behind it; undefined where nothing is there. */
export interface Gap extends Interval {
  readonly placeBefore: Place | undefined
  readonly placeAfter: Place | undefined
}

/** What is wanted of a day, each from 0 to 2. */
export interface Wishes {
  /** Deep work in the hours in which deep work was done. */
  readonly protectDeep: number
  /** What needs the same place or tool, one after the other. */
  readonly groupAlike: number
  /** Time that nothing is planned into. */
  readonly leaveRoom: number
}

export interface LayoutAsked {
  readonly tasks: readonly Task[]
  readonly gaps: readonly Gap[]
  /** No more than so many minutes of actions. */
  readonly budget: number
  /** How deep the work of each hour of the day usually is, 0 to 1. */
  readonly deepByHour: readonly number[]
  /** Minutes to get to a place, and away from it again. */
  readonly minutesTo: Readonly<Record<string, number>>
  readonly wishes: Wishes
}

export type WhyPlaced = 'due' | 'deepHours' | 'alike' | 'matters'
export interface Placed extends Interval {
  readonly id: string
  readonly why: WhyPlaced
}

export type WhyLeft = 'tooLong' | 'notAtHand' | 'dueTooEarly' | 'afterAnother' | 'full'
export interface Layout {
  readonly placed: readonly Placed[]
  readonly left: readonly { readonly id: string; readonly why: WhyLeft }[]
  readonly score: number
}
