// The next thing to do, small enough to begin.
import { energies, keptHorizons, levels, weights } from '../scales'
import {
  date,
  epochMs,
  flag,
  kind,
  line,
  minutes,
  note,
  nullable,
  object,
  oneOf,
  partial,
  rank,
  ref,
  setOf,
  since,
  text,
  title,
  when,
  withBlank,
} from './field'
import { noteOwners } from './owners'

/** What is waited for: from a person, or from whom is said in words. */
const waiting = object({
  personId: nullable(ref(['person'], 'clear')),
  /** Whom or what, in words, where no known person is meant. */
  whom: line({ isSearched: true }),
  since: date,
  chaseOn: nullable(date),
  /** How it was told, such as "by phone"; empty where nothing was said of it. */
  how: line({ isSearched: true }),
  /** Done by me, and not accepted yet: what is waited for is that somebody signs it off. */
  toSignOff: flag,
})

/** The event of a calendar it prepares or follows up: as it was when the two were tied. */
const ofEvent = object({
  calendarId: ref(['calendar'], 'keep'),
  /** The event's own name in its calendar. */
  key: text(600),
  title: line(),
  /** Its day then, as the person's clock showed it. */
  on: date,
  fromEpochMs: epochMs,
})

/**
 * What a person sets of an action, besides its title, its note and what it waits for. Each of these fields is a facet
 * of its own (core/facets).
 */
const setFields = {
  link: nullable(line({ isSearched: true })),
  projectId: nullable(ref(['project'], 'clear')),
  areaId: nullable(ref(['area'], 'clear')),
  contextIds: setOf(ref(['context'], 'clear')),
  personIds: setOf(ref(['person'], 'clear')),
  horizon: withBlank(oneOf(keptHorizons), 'soon'),
  weight: withBlank(oneOf(weights), 'should'),
  energy: nullable(oneOf(energies)),
  /** What it brings in, and how much of it only this person can do: its worth. */
  payoff: nullable(oneOf(levels)),
  craft: nullable(oneOf(levels)),
  minutes: nullable(minutes),
  due: nullable(when()),
  notBefore: nullable(date),
  /** Fixed on the clock. Its length is `minutes`. */
  at: nullable(when()),
  /** The day it was picked for or moved to. */
  day: nullable(date),
}

/** What the next of a repeating action is made with. */
const repeatingFields = { title: title(), note: note(), ...setFields }

/** The fields that sentences and choosers set. */
export type FacetField = keyof typeof setFields | 'waiting'
export const facetFields = [...Object.keys(setFields), 'waiting'] as readonly FacetField[]
/** What of an action stays the same from one to the next of a repeat, unless it is meant for one alone. */
export const repeatingFieldNames = Object.keys(repeatingFields) as readonly (keyof typeof repeatingFields)[]

export const action = kind(
  {
    ...repeatingFields,
    /** The day of its rule that it stands for; null where it does not come back, or has not been laid by its rule. */
    occurrence: nullable(date),
    /** Of what was changed for this one alone: the values that the next one takes. */
    overrides: partial(repeatingFields),
    /** A mark for each time it was re-dated, `2026-03-11~name`: how often is how many there are. */
    moved: setOf(text(80, { expected: 'expected a mark' })),
    /** Set while underway. */
    startedAtEpochMs: nullable(epochMs),
    /** Set while its timer runs. */
    timerFromEpochMs: nullable(epochMs),
    /** The minutes it took, where they were corrected by hand; else its time entries say it. */
    takenMinutes: nullable(minutes),
    waiting: nullable(waiting),
    /** What must be done before it: until then it is blocked. */
    afterIds: setOf(ref(['action'], 'clear')),
    rank,
    createdAtEpochMs: epochMs,
    /** The slip it was sorted from: its history begins there. */
    slipId: nullable(ref(['slip'], 'keep')),
    /** In whose note a check-box line stands for it. */
    lineOf: nullable(ref(noteOwners, 'clear')),
    event: since(13, nullable(ofEvent)),
    doneAtEpochMs: nullable(epochMs),
    letGoAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
