// The acts that load right after the start: until they have, they are refused in words. Reached through afterStart
// alone.
import * as checkLists from '../read/checklists'
import * as lenses from '../read/lenses'
import * as reviewsOfAll from '../read/reviews'
import * as finished from '../read/finished'
import * as noteLines from '../read/noteLines'
import * as goalsRead from '../read/goals'
import * as paceRead from '../read/pace'
import * as timeLineRead from '../read/timeline'
import * as timeLine from '@/core/timeline'
import * as stagesRead from '../read/stages'
import * as stageFigures from '@/core/stage'
import * as templatesRead from '../read/templates'
import * as reviewPeriods from '@/core/review/periods'
import * as reviewStonesRead from '@/core/review/stones'
import * as template from '@/core/template'
import * as pages from '../read/pages'
import * as tied from '../read/tiedTo'
import * as lens from '@/core/lens'
import * as note from '@/core/note'
import * as after from './action/after'
import * as checklists from './template/checklists'
import * as days from './day/days'
import * as offers from './day/offers'
import * as placing from './day/placing'
import * as demo from './demo'
import * as firstHour from './firstHour'
import * as goals from './named/goals'
import * as calendars from './named/calendars'
import * as facts from './person/facts'
import * as topics from './person/topics'
import * as peopleRead from '../read/people'
import * as person from '@/core/person'
import * as kept from './note/kept'
import * as leaving from './shelf/leaving'
import * as lensActs from './named/lenses'
import * as namedActs from './named/named'
import * as notes from './note/notes'
import * as joining from './shelf/joining'
import * as saveTemplate from './template/saveTemplate'
import * as templates from './template/templates'
import * as useTemplate from './template/useTemplate'
import * as remarks from './note/remarks'
import * as reminding from './action/reminding'
import * as repeats from './action/repeats'
import * as reshaping from './tray/reshaping'
import * as reviews from './day/reviews'
import * as reviewStones from './day/reviewStones'
import * as shifting from './template/shiftDates'
import * as timer from './action/timer'
import * as shelves from './shelf/shelves'
import * as laying from './shelf/layOnShelf'
import * as stages from './shelf/stages'
import * as steps from './action/steps'

export const onDemandCommands = {
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
  setWeekAims: reviews.setWeekAims,
  finishReview: reviews.finishReview,
  dropReview: reviews.dropReview,
  lookedAt: reviews.lookedAt,
  editAnswer: reviews.editAnswer,
  setStone: reviewStones.setStone,
  moveStone: reviewStones.moveStone,
  addQuestion: reviewStones.addQuestion,
  editQuestion: reviewStones.editQuestion,
  removeQuestion: reviewStones.removeQuestion,
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
  chaseAll: remarks.chaseAll,
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
  writeLookBack: notes.writeLookBack,
  editMeetingNote: notes.editMeetingNote,
  removeMeetingNote: notes.removeMeetingNote,
  setDayAvailable: days.setDayAvailable,
  planDay: days.planDay,
  endDay: days.endDay,
  spreadDay: days.spreadDay,
  placeAction: placing.placeAction,
  unplaceAction: placing.unplaceAction,
  layOutDay: placing.layOutDay,
  setDayAway: placing.setDayAway,
  holdTimes: offers.holdTimes,
  removeHeldTimes: offers.removeHeldTimes,
  agreeOnTime: offers.agreeOnTime,
  startInstead: days.startInstead,
  layInto: days.layInto,
  editContext: namedActs.editContext,
  removeNamed: namedActs.removeNamed,
  joinNamed: namedActs.joinNamed,
  addFact: facts.addFact,
  editFact: facts.editFact,
  moveFact: facts.moveFact,
  removeFact: facts.removeFact,
  remindYearly: facts.remindYearly,
  editPerson: facts.editPerson,
  addTopic: topics.addTopic,
  raiseSlip: topics.raiseSlip,
  editTopic: topics.editTopic,
  removeTopic: topics.removeTopic,
  raiseTopic: topics.raiseTopic,
  raiseAgain: topics.raiseAgain,
  addGoal: goals.addGoal,
  editGoal: goals.editGoal,
  setGoalState: goals.setGoalState,
  pointAt: goals.pointAt,
  addCalendar: calendars.addCalendar,
  editCalendar: calendars.editCalendar,
  removeCalendar: calendars.removeCalendar,
  addLens: lensActs.addLens,
  editLens: lensActs.editLens,
  placeLens: lensActs.placeLens,
  removeLens: lensActs.removeLens,
  resetLens: lensActs.resetLens,
} as const

/** What is read off notes, pages and checklists. */
const notesRead = { ...note, ...noteLines, ...pages, ...tied }

const timeLineOnDemand = { ...timeLine, ...timeLineRead }
const stagesOnDemand = { ...stageFigures, ...stagesRead }
const templatesOnDemand = { ...template, ...templatesRead }
const lensesRead = { ...lens, ...lenses }
const people = { ...person, ...peopleRead }
const reviewsRead = { ...reviewPeriods, ...reviewStonesRead, ...reviewsOfAll, ...finished }

export interface OnDemand {
  readonly commands: typeof onDemandCommands
  /** What other commands need of repeats: it brings the rule library along. */
  readonly repeats: Pick<typeof repeats, 'nextAdded' | 'nextTakenBack' | 'repeatSet' | 'overridesAfter'> &
    Pick<typeof after, 'blockedAfter'>
  readonly notes: typeof notesRead
  readonly checklists: typeof checkLists
  readonly lenses: typeof lensesRead
  /** Reviews: their parts, their times, what was answered and what was finished. */
  readonly reviews: typeof reviewsRead
  readonly goals: typeof goalsRead
  /** People: their facts, what to raise with them, who owes whom. */
  readonly people: typeof people
  readonly stages: typeof stagesOnDemand
  readonly pace: typeof paceRead
  readonly timeLine: typeof timeLineOnDemand
  readonly templates: typeof templatesOnDemand
  readonly shelves: Pick<typeof leaving, 'insideOf'>
}

export const onDemand: OnDemand = {
  commands: onDemandCommands,
  repeats: { ...repeats, blockedAfter: after.blockedAfter },
  notes: notesRead,
  checklists: checkLists,
  lenses: lensesRead,
  reviews: reviewsRead,
  goals: goalsRead,
  people,
  stages: stagesOnDemand,
  pace: paceRead,
  timeLine: timeLineOnDemand,
  templates: templatesOnDemand,
  shelves: { insideOf: leaving.insideOf },
}
