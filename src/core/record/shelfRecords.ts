// The shapes of shelves: groups, areas, goals, projects, their stages, and what templates ask and count; and contexts.
import * as v from 'valibot'
import {
  count,
  dateField,
  epochMsField,
  idField,
  noteField,
  oneOf,
  rankField,
  timeField,
  titleField,
} from './fields'
import {
  blankKinds,
  countedFields,
  endings,
  goalReaches,
  goalStates,
  inkCount,
  makings,
  projectStates,
  sides,
} from './scales'
import { stampLimit } from './tooLong'

/** One or two letters or an emoji. */
const stampField = v.pipe(v.string('expected text'), v.maxLength(stampLimit, 'expected one or two letters'))
const inkField = v.pipe(count, v.maxValue(inkCount - 1, `expected at most ${inkCount - 1}`))
const weeksField = v.pipe(
  count,
  v.minValue(1, 'expected at least 1'),
  v.maxValue(104, 'expected at most 104'),
)

/** Several areas side by side, on one side of life. */
export const group = v.object({
  id: idField('group'),
  name: titleField,
  side: oneOf(sides),
  /** Its seal; empty where it has none. */
  stamp: stampField,
  ink: inkField,
  rank: rankField,
  closedAtEpochMs: v.nullable(epochMsField),
})

/** A part of life or work that is never over. */
export const area = v.object({
  id: idField('area'),
  groupId: v.nullable(idField('group')),
  name: titleField,
  /** Its seal. */
  stamp: stampField,
  ink: inkField,
  goalIds: v.array(idField('goal')),
  /** The day it was last looked through, and after how many weeks it is to be again; null for never. */
  lookedOn: v.nullable(dateField),
  everyWeeks: v.nullable(weeksField),
  rank: rankField,
  closedAtEpochMs: v.nullable(epochMsField),
})

/** What is wanted in some years: areas and projects point at it. How it stands is said in its remarks. */
export const goal = v.object({
  id: idField('goal'),
  title: titleField,
  /** Why it is wanted. */
  note: noteField,
  reach: oneOf(goalReaches),
  state: oneOf(goalStates),
  /** It is looked at again after so many weeks; null for never. */
  everyWeeks: v.nullable(weeksField),
  rank: rankField,
  createdAtEpochMs: epochMsField,
  closedAtEpochMs: v.nullable(epochMsField),
})

/** An outcome that takes more than one action and will be over one day. */
export const project = v.object({
  id: idField('project'),
  areaId: v.nullable(idField('area')),
  /** The project it is a part of; it stands on the area of that one. */
  parentId: v.nullable(idField('project')),
  /** Its own seal; empty where it has that of its area. */
  stamp: stampField,
  ink: inkField,
  title: titleField,
  /** What will be true, and by when where `due` does not say it. */
  outcome: noteField,
  /** So that what. */
  soThat: noteField,
  note: noteField,
  /** The day its work is meant to begin; it holds nothing back. */
  begins: v.nullable(dateField),
  due: v.nullable(dateField),
  state: oneOf(projectStates),
  /** Of one that rests: the day it is to be woken on. */
  notUntil: v.nullable(dateField),
  /** Where it stands among the stages of its area, or of the project it is a part of. */
  stageId: v.nullable(idField('stage')),
  /** How it ended, and why, where it went through stages. */
  ending: v.nullable(oneOf(endings)),
  endReason: titleField,
  /** What is made from it, where it is a template. */
  makes: v.nullable(oneOf(makings)),
  /** Its actions are done one after the other: only the first of them is in lists. */
  inOrder: v.boolean('expected true or false'),
  /** The projects that must be over before it: until then its actions are blocked. */
  afterIds: v.array(idField('project')),
  personIds: v.array(idField('person')),
  goalIds: v.array(idField('goal')),
  rank: rankField,
  createdAtEpochMs: epochMsField,
  closedAtEpochMs: v.nullable(epochMsField),
})

/** A step of the way that the projects of an area go, or the parts of a project: first call, offer, agreed. */
export const stage = v.object({
  id: idField('stage'),
  /** Whose stage it is: one of the two. */
  areaId: v.nullable(idField('area')),
  projectId: v.nullable(idField('project')),
  name: titleField,
  /** So many projects should stand there at most. */
  limit: v.nullable(v.pipe(count, v.minValue(1, 'expected at least 1'), v.maxValue(999, 'expected fewer'))),
  rank: rankField,
})

/** A project came to stand in a stage; it left it where the next begins, or when it ended. */
export const passage = v.object({
  id: idField('passage'),
  projectId: idField('project'),
  stageId: idField('stage'),
  enteredAtEpochMs: epochMsField,
})

/** What is asked when a template is used; `‹name›` stands for it in titles and notes. */
export const blank = v.object({
  id: idField('blank'),
  /** The template. */
  projectId: idField('project'),
  name: titleField,
  kind: oneOf(blankKinds),
  rank: rankField,
})

const steps = (most: number) =>
  v.pipe(v.number('expected a number'), v.integer(), v.minValue(-most), v.maxValue(most))
/** How far a date is from the one it is counted from; negative is before. */
const shiftField = v.variant('by', [
  v.strictObject({ by: v.literal('days'), steps: steps(3660) }),
  v.strictObject({ by: v.literal('workdays'), steps: steps(1000) }),
  v.strictObject({ by: v.literal('months'), steps: steps(240) }),
  /** The first, second … of a weekday after it, or before it. */
  v.strictObject({ by: v.literal('weekday'), weekday: v.pipe(count, v.maxValue(6)), steps: steps(60) }),
])

/** A date that a template gives, counted from a blank or from the day the template is used. */
export const counted = v.object({
  id: idField('counted'),
  /** What it is given to: one of the two; the project is the template itself, or a part of it. */
  actionId: v.nullable(idField('action')),
  projectId: v.nullable(idField('project')),
  field: oneOf(countedFields),
  blankId: v.nullable(idField('blank')),
  shift: shiftField,
  time: v.nullable(timeField),
})

/** What must be at hand: a place, a tool, a site, a mood. */
export const context = v.object({
  id: idField('context'),
  name: titleField,
  /** What it lies within: a hall is on site. */
  parentId: v.nullable(idField('context')),
  /** When it is at hand; null for always, no weekday for every one. */
  hours: v.nullable(
    v.strictObject({
      weekdays: v.array(v.pipe(count, v.maxValue(6, 'expected a weekday from 0 to 6'))),
      from: timeField,
      until: timeField,
    }),
  ),
  /** Not offered any more; what stands with it goes on so. */
  retiredAtEpochMs: v.nullable(epochMsField),
  rank: rankField,
})
