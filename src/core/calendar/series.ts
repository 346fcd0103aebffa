// An event of a calendar file as it is kept in memory: plain data, counted on the wall clock of its zone. One that
// repeats is a series; what was changed for one of its days is an override.
import type { WallMs } from '../recurrence'

/** A moment by the clock of a zone; `null` is the clock of whoever looks (a floating time). */
export interface ZonedWall {
  readonly wall: WallMs
  readonly zone: string | null
  /** A whole day, whatever its hours. */
  readonly isDate: boolean
}

/** Who takes part. */
export interface Attendee {
  readonly name: string
  readonly address: string
}

/** What is said about an event, besides when it is. */
export interface EventTexts {
  readonly title: string
  readonly place: string
  readonly note: string
  readonly link: string
  readonly people: readonly Attendee[]
  /** Whether its time is taken. */
  readonly isBusy: boolean
  readonly isTentative: boolean
}

/** How long it is: days of a wall clock, and milliseconds besides. */
export interface Length {
  readonly days: number
  readonly ms: number
}

export interface Occasion extends EventTexts {
  readonly starts: ZonedWall
  readonly length: Length
}

/** What holds for one day of a series, or from it on. */
export interface Override {
  /** The moment the series gives, in whose place it is. */
  readonly of: ZonedWall
  readonly isFromThenOn: boolean
  /** Null where that one is cancelled. */
  readonly occasion: Occasion | null
}

/** Days a rule gives that do not come, and others that do. */
export interface ExtraDay {
  readonly at: ZonedWall
  /** Null: as long as the others. */
  readonly length: Length | null
}

export interface Series {
  readonly uid: string
  readonly occasion: Occasion
  /** Texts of RFC 5545 without their UNTIL. */
  readonly rules: readonly { readonly rule: string; readonly until: ZonedWall | null }[]
  readonly extras: readonly ExtraDay[]
  readonly exceptions: readonly ZonedWall[]
  readonly overrides: readonly Override[]
}
