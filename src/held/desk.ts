// What is open on the screen right now: nothing of it is saved.
import { useStore } from 'zustand'
import { createStore } from 'zustand/vanilla'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { kindOf, type Id } from '@/core/record'
import type { EndsAs } from '@/state/commands/command'

export interface Notice {
  readonly text: string
  readonly undoable: boolean
  readonly problem: boolean
  /** Counts up, so that the same words said twice are two notices. */
  readonly number: number
}

/** What is asked after an act, once no other sheet is open. */
export type Asked =
  /** Was re-dated for the third time just now. */
  | { readonly kind: 'movedThrice'; readonly id: Id<'action'> }
  /** Has no next action since just now. */
  | { readonly kind: 'noNext'; readonly id: Id<'project'> }

export type OpenSheet =
  | { readonly kind: 'search' }
  | { readonly kind: 'keys' }
  | { readonly kind: 'more' }
  | { readonly kind: 'move'; readonly id: Id<'action'> }
  | { readonly kind: 'horizon'; readonly id: Id<'action'> }
  | Asked
  | { readonly kind: 'reminders' }
  | { readonly kind: 'chase'; readonly id: Id<'action'> }
  /** A text to send to somebody, about actions that are with them. */
  | {
      readonly kind: 'sendText'
      readonly personId: Id<'person'> | null
      readonly name: string
      readonly ids: readonly Id<'action'>[]
      readonly about: 'chase' | 'handOver'
    }
  | { readonly kind: 'openSteps'; readonly id: Id<'action'> }
  | {
      readonly kind: 'useTemplate'
      readonly id: Id<'project'>
      /** What is known already, by the names of its blanks. */
      readonly known?: Readonly<Record<string, string>>
      readonly areaId?: Id<'area'> | null
      readonly slipId?: Id<'slip'>
    }
  | { readonly kind: 'walk'; readonly id: Id<'checklist'> }
  /** An event of a calendar: it is no record, and is looked up in its calendar. */
  | { readonly kind: 'event'; readonly event: ShownEvent }
  /** Finding free times to offer, and what is held already. */
  | { readonly kind: 'offerTimes'; readonly personId?: Id<'person'> }
  /** A project ends, and something in it is open: where that goes. */
  | { readonly kind: 'leaveProject'; readonly id: Id<'project'>; readonly as: EndsAs }
  /** As many are underway as may be: which is laid down for this one. */
  | { readonly kind: 'layDown'; readonly id: Id<'action'> }

/** What can be chosen together: things of one kind. */
export type Choosable = Id<'action'> | Id<'slip'> | Id<'reading'> | Id<'reference'>

interface Desk {
  readonly notice: Notice | null
  readonly sheet: OpenSheet | null
  readonly asked: Asked | null
  /** What is asked after it. */
  readonly askedNext: readonly Asked[]
  /** Typed after a sheet was asked for and before it was there. */
  readonly typedAhead: string
  /** The line that says what changes was asked for by its key, and has not been reached yet. */
  readonly amendAsked: boolean
  /** A thought is being added over what is open. */
  readonly capturing: boolean
  capture(on: boolean): void
  /** Something is in the hand. */
  readonly carrying: boolean
  carry(on: boolean): void
  /** The shelves are being arranged, a place at a time. */
  readonly arranging: boolean
  arrange(on: boolean): void
  /** Chosen together, all of one kind, in the order of choosing. */
  readonly chosen: readonly Choosable[]
  /** Chooses one more, or lays it down again. */
  toggleChosen(id: Choosable): void
  /** Chooses all of these, beside what is chosen already. */
  chooseToo(ids: readonly Choosable[]): void
  chooseNone(): void
  tell(text: string, options?: { undoable?: boolean; problem?: boolean }): void
  hush(number: number): void
  openSheet(sheet: OpenSheet): void
  closeSheet(): void
  typeAhead(key: string): void
  askAmend(isAsked: boolean): void
  /** Null closes what is asked; the next that waits is asked then. */
  ask(asked: Asked | null): void
  /** Asks one after the other. */
  askEach(asked: readonly Asked[]): void
}

const ofKindOf = (id: Choosable, chosen: readonly Choosable[]): readonly Choosable[] =>
  chosen.filter((other) => kindOf(other) === kindOf(id))

export const desk = createStore<Desk>((set, get) => ({
  notice: null,
  sheet: null,
  asked: null,
  askedNext: [],
  typedAhead: '',
  amendAsked: false,
  capturing: false,
  capture: (capturing) => set({ capturing }),
  carrying: false,
  carry: (carrying) => set({ carrying }),
  arranging: false,
  arrange: (on) => set({ arranging: on }),
  chosen: [],
  toggleChosen: (id) => {
    const chosen = ofKindOf(id, get().chosen)
    set({ chosen: chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id] })
  },
  chooseToo: (ids) => {
    const [first] = ids
    if (first) set({ chosen: [...new Set([...ofKindOf(first, get().chosen), ...ids])] })
  },
  chooseNone: () => set({ chosen: [] }),
  tell: (text, { undoable = false, problem = false } = {}) =>
    set({ notice: { text, undoable, problem, number: (get().notice?.number ?? 0) + 1 } }),
  hush: (number) => {
    if (get().notice?.number === number) set({ notice: null })
  },
  openSheet: (sheet) => set({ sheet, typedAhead: '' }),
  typeAhead: (key) => set({ typedAhead: get().typedAhead + key }),
  askAmend: (amendAsked) => set({ amendAsked }),
  ask: (asked) => {
    const [next = null, ...rest] = get().askedNext
    set(asked ? { asked } : { asked: next, askedNext: rest })
  },
  askEach: ([asked = null, ...askedNext]) => set({ asked, askedNext }),
  closeSheet: () => set({ sheet: null }),
}))

export const useDesk = <T>(read: (state: Desk) => T): T => useStore(desk, read)
