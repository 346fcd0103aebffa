// Every act a person can do. The name of a command is the name of its act in the journal.
import * as actions from './actions'
import * as around from './around'
import type { Command } from './command'
import * as demo from './demo'
import * as reviews from './reviews'
import * as shelves from './shelves'
import * as slips from './slips'

const {
  setDown,
  editSlip,
  removeSlip,
  sortAsAction,
  sortAsDone,
  sortAsSomeday,
  sortAsLetGo,
  sortAsProject,
  sortAsReference,
  editReference,
  removeReference,
} = slips
const {
  addAction,
  editAction,
  tick,
  untick,
  letGo,
  pick,
  unpick,
  moveTo,
  setHorizon,
  start,
  stop,
  setWaiting,
} = actions
const {
  addProject,
  editProject,
  setProjectState,
  addGroup,
  editGroup,
  addArea,
  editArea,
  closeShelf,
  reopenShelf,
  rankBy,
  renameShelf,
} = shelves
const { addContext, addPerson, renameContext, renamePerson, removeNamed, setSettings } = around
const { startReview, stepTo, setAims, finishReview, dropReview } = reviews

export const commands = {
  setDown,
  editSlip,
  removeSlip,
  sortAsAction,
  sortAsDone,
  sortAsSomeday,
  sortAsLetGo,
  sortAsProject,
  sortAsReference,
  editReference,
  removeReference,
  addAction,
  editAction,
  tick,
  untick,
  letGo,
  pick,
  unpick,
  moveTo,
  setHorizon,
  start,
  stop,
  setWaiting,
  addProject,
  editProject,
  setProjectState,
  addGroup,
  editGroup,
  addArea,
  editArea,
  closeShelf,
  reopenShelf,
  rankBy,
  renameShelf,
  addContext,
  addPerson,
  renameContext,
  renamePerson,
  removeNamed,
  setSettings,
  startReview,
  stepTo,
  setAims,
  finishReview,
  dropReview,
  removeDemo: demo.removeDemo,
} as const

export type CommandName = keyof typeof commands
export type ArgsOf<N extends CommandName> = (typeof commands)[N] extends Command<infer A> ? A : never

export type { Command, CommandContext, Outcome, Refusal } from './command'
export type { NewAction } from './actions'
export type { NewProject } from './shelves'
export { demoMark } from './demo'
