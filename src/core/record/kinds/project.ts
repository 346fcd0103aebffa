// An outcome that takes more than one action and will be over one day; or a template that others are made from.
import { endings, makings, projectStates } from '../scales'
import {
  date,
  epochMs,
  flag,
  kind,
  line,
  note,
  nullable,
  oneOf,
  rank,
  ref,
  setOf,
  title,
  withBlank,
} from './field'
import { seal } from './seal'

export const project = kind(
  {
    areaId: nullable(ref(['area'], 'clear')),
    /** The project it is a part of; it stands on the area of that one. */
    parentId: nullable(ref(['project'], 'clear')),
    /** Its own; empty where it has that of its area. */
    ...seal,
    title: title(),
    /** What will be true, and by when where `due` does not say it. */
    outcome: note(),
    /** So that what. */
    soThat: note(),
    note: note(),
    /** The day its work is meant to begin; it holds nothing back. */
    begins: nullable(date),
    due: nullable(date),
    state: withBlank(oneOf(projectStates), 'open'),
    /** Of one that rests: the day it is to be woken on. */
    notUntil: nullable(date),
    /** Where it stands among the stages of its area, or of the project it is a part of. */
    stageId: nullable(ref(['stage'], 'clear')),
    /** How it ended, and why, where it went through stages. */
    ending: nullable(oneOf(endings)),
    endReason: line({ isSearched: true }),
    /** What is made from it, where it is a template. */
    makes: nullable(oneOf(makings)),
    /** Its actions are done one after the other: only the first of them is in lists. */
    inOrder: flag,
    /** The projects that must be over before it: until then its actions are blocked. */
    afterIds: setOf(ref(['project'], 'clear')),
    personIds: setOf(ref(['person'], 'clear')),
    goalIds: setOf(ref(['goal'], 'clear')),
    rank,
    createdAtEpochMs: epochMs,
    closedAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
