// Every act a person can do. The name of a command is the name of its act in the journal.
import * as actions from './actions'
import * as around from './around'
import type { Command } from './command'
import * as demo from './demo'
import * as firstHour from './firstHour'
import * as kept from './kept'
import * as parts from './parts'
import * as repeats from './repeats'
import * as reshaping from './reshaping'
import * as reviews from './reviews'
import * as shelves from './shelves'
import * as slips from './slips'

export const commands = {
  setDown: slips.setDown,
  setDownMany: slips.setDownMany,
  editSlip: slips.editSlip,
  editSlips: slips.editSlips,
  removeSlip: slips.removeSlip,
  removeSlips: slips.removeSlips,
  putBack: slips.putBack,
  emptyLetGo: slips.emptyLetGo,
  sortAsAction: slips.sortAsAction,
  sortAllAsActions: slips.sortAllAsActions,
  sortAsDone: slips.sortAsDone,
  sortAsSomeday: slips.sortAsSomeday,
  sortAsLetGo: slips.sortAsLetGo,
  sortAsProject: slips.sortAsProject,
  sortAsHandedOver: slips.sortAsHandedOver,
  sortAsNotBefore: slips.sortAsNotBefore,
  sortAsReference: slips.sortAsReference,
  sortAsReading: slips.sortAsReading,
  joinSlips: reshaping.joinSlips,
  splitSlip: reshaping.splitSlip,
  mergeIntoAction: reshaping.mergeIntoAction,
  makeStepOf: reshaping.makeStepOf,
  growIntoProject: reshaping.growIntoProject,
  shrinkToAction: reshaping.shrinkToAction,
  editReading: kept.editReading,
  removeReading: kept.removeReading,
  shelveKept: kept.shelveKept,
  setReadings: kept.setReadings,
  removeKept: kept.removeKept,
  editReference: kept.editReference,
  removeReference: kept.removeReference,
  addSteps: parts.addSteps,
  editStep: parts.editStep,
  tickStep: parts.tickStep,
  removeStep: parts.removeStep,
  addFiles: parts.addFiles,
  removeFile: parts.removeFile,
  setRepeat: repeats.setRepeat,
  skipTurn: repeats.skipTurn,
  onlyThisOne: repeats.onlyThisOne,
  fromNowOn: repeats.fromNowOn,
  watch: repeats.watch,
  addReminder: parts.addReminder,
  changeReminder: parts.changeReminder,
  removeReminder: parts.removeReminder,
  layAside: parts.layAside,
  takeUp: parts.takeUp,
  addAction: actions.addAction,
  editAction: actions.editAction,
  editActions: actions.editActions,
  takeFromTickler: actions.takeFromTickler,
  tickActions: actions.tickActions,
  letGoActions: actions.letGoActions,
  tick: actions.tick,
  untick: actions.untick,
  letGo: actions.letGo,
  pick: actions.pick,
  unpick: actions.unpick,
  moveTo: actions.moveTo,
  setHorizon: actions.setHorizon,
  start: actions.start,
  stop: actions.stop,
  setWaiting: actions.setWaiting,
  addProject: shelves.addProject,
  editProject: shelves.editProject,
  setProjectState: shelves.setProjectState,
  addGroup: shelves.addGroup,
  editGroup: shelves.editGroup,
  addArea: shelves.addArea,
  editArea: shelves.editArea,
  closeShelf: shelves.closeShelf,
  reopenShelf: shelves.reopenShelf,
  rankBy: shelves.rankBy,
  renameShelf: shelves.renameShelf,
  addContext: around.addContext,
  addPerson: around.addPerson,
  renameContext: around.renameContext,
  renamePerson: around.renamePerson,
  removeNamed: around.removeNamed,
  setSettings: around.setSettings,
  chooseFirst: firstHour.chooseFirst,
  startReview: reviews.startReview,
  stepTo: reviews.stepTo,
  setAims: reviews.setAims,
  finishReview: reviews.finishReview,
  dropReview: reviews.dropReview,
  removeDemo: demo.removeDemo,
} as const

export type CommandName = keyof typeof commands
export type ArgsOf<N extends CommandName> = (typeof commands)[N] extends Command<infer A> ? A : never

export type { Command, CommandContext, Outcome, Refusal, RuleDays } from './command'
export type { NewAction } from './actions'
export type { NewFile } from './parts'
export type { NewRepeat } from './repeats'
export type { Piece } from './reshaping'
export type { NewSlip } from './slips'
export type { FirstChoices } from './firstHour'
export type { NewProject } from './shelves'
export { demoMark } from './demo'
export { takenInBy, type TakenIn } from './reshaping'
export { stampFor } from './shelves'
