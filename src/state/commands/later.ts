// The acts that load right after the start: until they have, they are refused in words. Reached through afterStart
// alone.
import * as checkLists from '../checklists'
import * as lenses from '../lenses'
import * as noteLines from '../noteLines'
import * as goalsRead from '../goals'
import * as paceRead from '../pace'
import * as timeLineRead from '../timeline'
import * as timeLine from '@/core/timeline'
import * as stagesRead from '../stages'
import * as stageFigures from '@/core/stage'
import * as templatesRead from '../templates'
import * as template from '@/core/template'
import * as pages from '../pages'
import * as tied from '../tiedTo'
import * as lens from '@/core/lens'
import * as note from '@/core/note'
import * as after from './after'
import * as checklists from './checklists'
import * as days from './days'
import * as demo from './demo'
import * as firstHour from './firstHour'
import * as goals from './goals'
import * as kept from './kept'
import * as leaving from './leaving'
import * as lensActs from './lenses'
import * as namedActs from './named'
import * as notes from './notes'
import * as joining from './joining'
import * as saveTemplate from './saveTemplate'
import * as templates from './templates'
import * as useTemplate from './useTemplate'
import * as remarks from './remarks'
import * as reminding from './reminding'
import * as repeats from './repeats'
import * as reshaping from './reshaping'
import * as reviews from './reviews'
import * as shifting from './shiftDates'
import * as timer from './timer'
import * as shelves from './shelves'
import * as laying from './layOnShelf'
import * as stages from './stages'
import * as steps from './steps'

export const laterCommands = {
  joinSlips: reshaping.joinSlips,
  splitSlip: reshaping.splitSlip,
  mergeIntoAction: reshaping.mergeIntoAction,
  makeStepOf: reshaping.makeStepOf,
  growIntoProject: reshaping.growIntoProject,
  shrinkToAction: reshaping.shrinkToAction,
  joinProjects: joining.joinProjects,
  partOfArea: joining.partOfArea,
  addReference: kept.addReference,
  addReading: kept.addReading,
  editReading: kept.editReading,
  removeReading: kept.removeReading,
  shelveKept: kept.shelveKept,
  setReadings: kept.setReadings,
  removeKept: kept.removeKept,
  editReference: kept.editReference,
  removeReference: kept.removeReference,
  chooseFirst: firstHour.chooseFirst,
  startReview: reviews.startReview,
  stepTo: reviews.stepTo,
  setAims: reviews.setAims,
  finishReview: reviews.finishReview,
  dropReview: reviews.dropReview,
  removeDemo: demo.removeDemo,
  setRepeat: repeats.setRepeat,
  skipTurn: repeats.skipTurn,
  onlyThisOne: repeats.onlyThisOne,
  fromNowOn: repeats.fromNowOn,
  watch: repeats.watch,
  startTimer: timer.startTimer,
  stopTimer: timer.stopTimer,
  correctTaken: timer.correctTaken,
  addRemark: remarks.addRemark,
  addEmails: remarks.addEmails,
  editRemark: remarks.editRemark,
  removeRemark: remarks.removeRemark,
  chase: remarks.chase,
  blockAction: after.blockAction,
  unblockAction: after.unblockAction,
  blockProject: after.blockProject,
  unblockProject: after.unblockProject,
  setInOrder: after.setInOrder,
  answerReminders: reminding.answerReminders,
  snoozeReminder: reminding.snoozeReminder,
  addProject: shelves.addProject,
  editProject: shelves.editProject,
  wakeProjects: shelves.wakeProjects,
  setProjectState: shelves.setProjectState,
  addGroup: shelves.addGroup,
  editGroup: shelves.editGroup,
  addArea: shelves.addArea,
  editArea: shelves.editArea,
  reopenShelf: shelves.reopenShelf,
  saveAsTemplate: saveTemplate.saveAsTemplate,
  addTemplate: templates.addTemplate,
  addToTemplate: templates.addToTemplate,
  removeTemplate: templates.removeTemplate,
  addBlank: templates.addBlank,
  editBlank: templates.editBlank,
  makeBlank: templates.makeBlank,
  removeBlank: templates.removeBlank,
  setCounted: templates.setCounted,
  addTemplatePart: templates.addTemplatePart,
  useTemplate: useTemplate.useTemplate,
  importTemplate: useTemplate.importTemplate,
  leaveShelf: leaving.leaveShelf,
  layProject: laying.layProject,
  layShelf: laying.layShelf,
  shiftDates: shifting.shiftDates,
  addStage: stages.addStage,
  editStage: stages.editStage,
  removeStage: stages.removeStage,
  standIn: stages.standIn,
  endProject: stages.endProject,
  rankBy: shelves.rankBy,
  renameShelf: shelves.renameShelf,
  laySteps: steps.laySteps,
  moveStep: steps.moveStep,
  tickStep: steps.tickStep,
  removeStep: steps.removeStep,
  pullStepOut: steps.pullStepOut,
  pushIntoSteps: steps.pushIntoSteps,
  tickWithSteps: steps.tickWithSteps,
  tickKeepingRest: steps.tickKeepingRest,
  addChecklist: checklists.addChecklist,
  renameChecklist: checklists.renameChecklist,
  removeChecklist: checklists.removeChecklist,
  startAfresh: checklists.startAfresh,
  writeNote: notes.writeNote,
  makeActionsOfLines: notes.makeActionsOfLines,
  liftLines: notes.liftLines,
  addMeetingNote: notes.addMeetingNote,
  editMeetingNote: notes.editMeetingNote,
  removeMeetingNote: notes.removeMeetingNote,
  setDayAvailable: days.setDayAvailable,
  planDay: days.planDay,
  endDay: days.endDay,
  spreadDay: days.spreadDay,
  startInstead: days.startInstead,
  layInto: days.layInto,
  editContext: namedActs.editContext,
  removeNamed: namedActs.removeNamed,
  joinNamed: namedActs.joinNamed,
  addGoal: goals.addGoal,
  editGoal: goals.editGoal,
  setGoalState: goals.setGoalState,
  pointAt: goals.pointAt,
  addLens: lensActs.addLens,
  editLens: lensActs.editLens,
  placeLens: lensActs.placeLens,
  removeLens: lensActs.removeLens,
  resetLens: lensActs.resetLens,
} as const

/** What is read off notes, pages and checklists. */
const notesRead = { ...note, ...noteLines, ...pages, ...tied }

const timeLineOfLater = { ...timeLine, ...timeLineRead }
const stagesOfLater = { ...stageFigures, ...stagesRead }
const templatesOfLater = { ...template, ...templatesRead }
const lensesRead = { ...lens, ...lenses }

export interface Later {
  readonly commands: typeof laterCommands
  /** What other commands need of repeats: it brings the rule library along. */
  readonly repeats: Pick<typeof repeats, 'nextAdded' | 'nextTakenBack' | 'repeatSet' | 'aloneAfter'> &
    Pick<typeof after, 'blockedAfter'>
  readonly notes: typeof notesRead
  readonly checklists: typeof checkLists
  readonly lenses: typeof lensesRead
  readonly goals: typeof goalsRead
  readonly stages: typeof stagesOfLater
  readonly pace: typeof paceRead
  readonly timeLine: typeof timeLineOfLater
  readonly templates: typeof templatesOfLater
  readonly shelves: Pick<typeof leaving, 'insideOf'>
}

export const later: Later = {
  commands: laterCommands,
  repeats: { ...repeats, blockedAfter: after.blockedAfter },
  notes: notesRead,
  checklists: checkLists,
  lenses: lensesRead,
  goals: goalsRead,
  stages: stagesOfLater,
  pace: paceRead,
  timeLine: timeLineOfLater,
  templates: templatesOfLater,
  shelves: { insideOf: leaving.insideOf },
}
