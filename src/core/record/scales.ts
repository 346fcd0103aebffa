// The scales that records are measured on, each in its order.

/** How near a thing is held, nearest first. *Today* is not kept: it is an action whose `day` is today. */
export const keptHorizons = ['week', 'soon', 'shelf', 'someday'] as const
export type KeptHorizon = (typeof keptHorizons)[number]
export type Horizon = 'today' | KeptHorizon

export const weights = ['must', 'should', 'could'] as const
export type Weight = (typeof weights)[number]

export const energies = ['deep', 'plain', 'light'] as const
export type Energy = (typeof energies)[number]

/** How much an action brings in, and how much of it only this person can do. */
export const levels = ['little', 'some', 'much'] as const
export type Level = (typeof levels)[number]

export const sides = ['work', 'private'] as const
export type Side = (typeof sides)[number]

/** A template is never one of what is worked on: it is what others are made from. */
export const projectStates = ['open', 'notNow', 'finished', 'letGo', 'template'] as const
export type ProjectState = (typeof projectStates)[number]

/** What a fact of a person is: what a tap on it does. */
export const factTypes = ['number', 'email', 'date', 'link', 'text'] as const
export type FactType = (typeof factTypes)[number]

/** What a template makes. */
export const makings = ['project', 'action', 'checklist', 'note'] as const
export type Making = (typeof makings)[number]

/** What a blank of a template is filled with. */
export const blankKinds = ['name', 'place', 'date', 'number'] as const
export type BlankKind = (typeof blankKinds)[number]

/** The dates of an action that a template counts, and those of a project. */
export const countedOfAction = ['due', 'day', 'notBefore', 'at'] as const
export const countedOfProject = ['begins', 'due'] as const
export const countedFields = [...countedOfAction, 'begins'] as const
export type CountedField = (typeof countedFields)[number]

/** How what moved through stages ended; what is parked rests. */
export const endings = ['won', 'notWon', 'parked'] as const
export type Ending = (typeof endings)[number]

/** In how many years a goal is wanted: one to two, three to five. */
export const goalReaches = ['near', 'far'] as const
export type GoalReach = (typeof goalReaches)[number]

export const goalStates = ['open', 'reached', 'letGo'] as const
export type GoalState = (typeof goalStates)[number]

/** `0` Monday to `6` Sunday. */
export const weekdays = ['0', '1', '2', '3', '4', '5', '6'] as const

/** Number of area inks; an area's `ink` is an index into them. */
export const inkCount = 12

/** How often one reviews: each looks back on a time of its own. */
export const reviewRhythms = ['week', 'month', 'quarter', 'year'] as const
export type ReviewRhythm = (typeof reviewRhythms)[number]

/** How far something to read, watch or hear has come. */
export const readingStates = ['unread', 'begun', 'finished'] as const
export type ReadingState = (typeof readingStates)[number]
