// Every act a person can do. The name of a command is the name of its act in the journal. What nobody does in the first
// moment is in onDemand.ts and loads right after the start.
import * as actions from './action/actions'
import { addAction } from './action/makeAction'
import * as around from './named/around'
import type { Command } from './command'
import type { onDemandCommands } from './onDemand'
import * as owned from './action/owned'
import * as slips from './tray/slips'
import * as sorting from './tray/sorting'

export const commands = {
  setDown: slips.setDown,
  setDownMany: slips.setDownMany,
  editSlip: slips.editSlip,
  editSlips: slips.editSlips,
  removeSlip: slips.removeSlip,
  removeSlips: slips.removeSlips,
  putBack: slips.putBack,
  emptyLetGo: slips.emptyLetGo,
  sortAsAction: sorting.sortAsAction,
  addAsAction: sorting.addAsAction,
  sortAllAsActions: sorting.sortAllAsActions,
  sortAsDone: sorting.sortAsDone,
  sortAsSomeday: sorting.sortAsSomeday,
  sortAsLetGo: sorting.sortAsLetGo,
  sortAsProject: sorting.sortAsProject,
  sortAsHandedOver: sorting.sortAsHandedOver,
  sortAsNotBefore: sorting.sortAsNotBefore,
  sortAsReference: sorting.sortAsReference,
  sortAsReading: sorting.sortAsReading,
  addSteps: owned.addSteps,
  editStep: owned.editStep,
  addFiles: owned.addFiles,
  removeFile: owned.removeFile,
  addReminder: owned.addReminder,
  changeReminder: owned.changeReminder,
  removeReminder: owned.removeReminder,
  layAside: owned.layAside,
  takeUp: owned.takeUp,
  addAction,
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
  pause: actions.pause,
  setWaiting: actions.setWaiting,
  addContext: around.addContext,
  addPerson: around.addPerson,
  renameContext: around.renameContext,
  renamePerson: around.renamePerson,
  setSettings: around.setSettings,
} as const

export type AllCommands = typeof commands & typeof onDemandCommands
export type CommandName = keyof AllCommands
export type ArgsOf<N extends CommandName> = AllCommands[N] extends Command<infer A> ? A : never

export type { Command, CommandContext, Outcome, Refusal } from './command'
export type { OnDemand } from './onDemand'
export type { NewAction } from './action/makeAction'
export type { NewFile, NewRepeat } from './action/owned'
export type { Piece } from './tray/reshaping'
export type { NewSlip } from './tray/slips'
export type { FirstChoices } from './firstHour'
export type { NewProject } from './shelf/makeProject'
export { demoMark, demoReplica } from '../store/demoMark'
export { lettersFor } from './shelf/lettersFor'
