// Random acts, one for every command there is: for tests. A command that is missing does not compile.
import { recordsById, recordsIn } from '@/core/journal'
import type { Random } from '@/core/random'
import { datedNoteOf, type AnyRecord, type Id, type RecordKind } from '@/core/record'
import { refsIn } from '@/core/record/refs'
import { stonesOf } from '@/core/review/stones'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { emptyLens, readyMade } from '@/core/lens'
import { settingsIn } from '../read/settingsIn'
import { noteIn } from '../read/tiedTo'
import { testStartEpochMs, type TestStore } from '../testing'
import { checkLinesOf } from '@/core/note'
import type { CommandName } from '.'

/** A lens that everybody has. */
const readyLens = readyMade[0]?.id ?? 'lens:none'

export const today = calendarDateUnsafe('2026-03-11')

/** What a random act is made from. */
export function makeDice(store: TestStore, random: Random) {
  const number = (below: number) => Math.floor(random() * below)
  const oneOf = <T>(items: readonly T[]): T => items[number(items.length)] as T
  const chance = (share: number) => random() < share
  const any = <K extends RecordKind>(...kinds: K[]): Id<K> => {
    const found = kinds.flatMap((kind) => recordsIn(store.api.getState().document, kind) as AnyRecord[])
    return (found.length > 0 ? oneOf(found).id : `${kinds[0]}:none`) as Id<K>
  }
  const all = <K extends RecordKind>(kind: K) => recordsIn(store.api.getState().document, kind)
  /** Something blocked and what it is after, where there is such a one. */
  const blocked = (kind: 'action' | 'project') => {
    const found = (all(kind) as { id: string; afterIds: readonly string[] }[]).filter(({ afterIds }) => afterIds.length > 0)
    const one = found.length > 0 ? oneOf(found) : null
    return one ? { id: one.id, afterId: one.afterIds[0] } : { id: any(kind), afterId: any(kind) }
  }
  /** What a ticked step belongs to. */
  const ticked = () => all('step').find(({ ownerId, doneAtEpochMs }) => ownerId.startsWith('checklist:') && doneAtEpochMs !== null)?.ownerId ?? any('checklist')
  /** A project that is no template. */
  const worked = () => oneOf([...all('project').filter(({ state }) => state !== 'template').map(({ id }) => id), any('project')])
  const maybe = <T>(value: () => T): T | null => (chance(0.5) ? value() : null)
  let count = 0
  const text = () => `${oneOf(['ring', 'paint', 'measure', 'order', 'ask about'])} ${oneOf(['felt', 'Oda', 'the hall', 'glue'])} ${++count}`
  const day = () => addDays(today, number(40) - 5)
  const owner = () => any('action', 'action', 'project', 'slip', 'reference', 'reading', 'person', 'checklist', 'note', 'goal')
  const file = () => ({ name: text(), mediaType: '', bytes: 3, blob: `sha256-${'a'.repeat(64)}`, smallBlob: null })
  const when = () => ({ date: day(), time: chance(0.5) ? '09:30' : null })
  const waiting = () => ({ personId: maybe(() => any('person')), whom: text(), since: day(), chaseOn: maybe(day), how: '', toSignOff: chance(0.3) })
  const shelf = () => (chance(0.5) ? { projectId: any('project'), areaId: null } : { projectId: null, areaId: maybe(() => any('area')) })
  const repeat = () => ({ rule: oneOf(['FREQ=DAILY', 'FREQ=WEEKLY;BYDAY=MO', 'FREQ=MONTHLY;BYMONTHDAY=3;COUNT=4']), fromDone: chance(0.3), time: null })
  const reminder = () => oneOf([{ kind: 'minutesBefore', minutes: 10 }, { kind: 'daysBefore', days: 1, time: null }, { kind: 'at', ...when() }])
  const action = () => ({
    title: text(), note: oneOf(['', '- [ ] line one\n- [x] line two', text()]), ...shelf(), minutes: maybe(() => 20),
    due: maybe(when), day: maybe(day), notBefore: maybe(day), waiting: chance(0.2) ? waiting() : null,
    contextIds: chance(0.4) ? [any('context')] : [], personIds: chance(0.4) ? [any('person')] : [],
    horizon: oneOf(['today', 'week', 'soon', 'shelf', 'someday', null]),
    steps: chance(0.3) ? [text(), text()] : [], repeat: chance(0.2) ? repeat() : null, reminders: chance(0.2) ? [reminder()] : [],
  })
  const noted = () => any('action', 'project', 'person', 'reference', 'reading', 'note')
  const lines = (id: ReturnType<typeof noted>) =>
    checkLinesOf(noteIn(store.api.getState().document, id)).map(({ at, written }) => ({ at, written, fields: { title: written } }))
  return { worked, blocked, ticked, number, oneOf, chance, any, maybe, text, day, owner, file, when, waiting, shelf, repeat, reminder, action, noted, lines }
} // prettier-ignore
type Dice = ReturnType<typeof makeDice>

const slip = (d: Dice) => ({ text: d.text(), note: d.text(), personIds: d.chance(0.3) ? [d.any('person')] : [], steps: d.chance(0.3) ? [d.text()] : [], files: d.chance(0.2) ? [d.file()] : [] }) // prettier-ignore
const fact = (d: Dice) => d.oneOf([{ label: 'mobile', value: '07700 900123', type: 'number' }, { label: 'birthday', value: '--05-03', type: 'date' }, { label: d.text(), value: d.text(), type: 'text' }] as const) // prettier-ignore
const topic = (d: Dice) => ({ whom: [{ id: d.any('person'), name: '' }], text: d.text(), aboutId: d.maybe(() => d.any('action', 'project')) }) // prettier-ignore
const sorted = (d: Dice) => ({ slipId: d.any('slip'), left: d.text(), fields: d.action() })
const ofAction = (d: Dice) => ({ id: d.any('action') })
const place = (d: Dice) => ({ underId: d.maybe(() => d.any('step')), afterId: d.maybe(() => d.any('step')) })

/** The arguments of a random act of each kind: a command that is missing here does not compile. */
export const acts: { readonly [N in CommandName]: (d: Dice) => unknown } = {
  setDown: slip,
  setDownMany: (d) => ({ slips: [slip(d), slip(d)] }),
  editSlip: (d) => ({ id: d.any('slip'), text: d.text() }),
  editSlips: (d) => ({ edits: [{ id: d.any('slip'), text: d.text(), takenOff: ['day friday'] }] }),
  removeSlip: (d) => ({ id: d.any('slip') }),
  removeSlips: (d) => ({ ids: [d.any('slip')] }),
  putBack: (d) => ({ id: d.any('slip', 'reference', 'reading') }),
  emptyLetGo: (d) => ({ ids: [d.any('slip'), d.any('action'), d.any('reading')] }),
  sortAsAction: sorted,
  addAsAction: (d) => ({ slip: slip(d), fields: d.action(), left: d.text() }),
  sortAllAsActions: (d) => ({ slips: [sorted(d)] }),
  sortAsDone: sorted,
  sortAsSomeday: sorted,
  sortAsLetGo: sorted,
  sortAsProject: (d) => ({ ...sorted(d), project: { title: d.text() }, steps: [d.text()], actions: [d.action()] }),
  sortAsHandedOver: (d) => ({ ...sorted(d), fields: { ...d.action(), waiting: d.waiting() } }),
  sortAsNotBefore: (d) => ({ ...sorted(d), fields: { ...d.action(), notBefore: d.day() } }),
  sortAsReference: (d) => ({ slipId: d.any('slip'), title: d.text(), link: null, ...d.shelf() }),
  sortAsReading: (d) => ({ slipId: d.any('slip'), title: d.text(), link: null, minutes: 30 }),
  addSteps: (d) => ({ ownerId: d.owner(), titles: [d.text(), d.text()] }),
  editStep: (d) => ({ id: d.any('step'), title: d.text() }),
  addFiles: (d) => ({ ownerId: d.owner(), files: [d.file()] }),
  removeFile: (d) => ({ id: d.any('file') }),
  addReminder: (d) => ({ ...ofAction(d), when: d.reminder() }),
  changeReminder: (d) => ({ id: d.any('reminder'), when: d.reminder() }),
  removeReminder: (d) => ({ id: d.any('reminder') }),
  layAside: (d) => ({ ids: [d.any('slip', 'action', 'project', 'note')] }),
  takeUp: (d) => ({ id: d.any('aside') }),
  addAction: (d) => d.action(),
  editAction: (d) => ({ ...ofAction(d), patch: { minutes: d.number(90) + 1, due: d.maybe(d.when), note: d.text() } }),
  editActions: (d) => ({ edits: [{ ...ofAction(d), patch: { weight: 'must' } }, { ...ofAction(d), patch: { day: d.day() } }] }),
  takeFromTickler: (d) => ({ ids: [d.any('action')] }),
  tickActions: (d) => ({ ids: [d.any('action'), d.any('action')] }),
  letGoActions: (d) => ({ ids: [d.any('action')] }),
  tick: ofAction,
  untick: ofAction,
  letGo: ofAction,
  pick: ofAction,
  unpick: ofAction,
  moveTo: (d) => ({ ...ofAction(d), day: d.maybe(d.day) }),
  setHorizon: (d) => ({ ...ofAction(d), horizon: d.oneOf(['today', 'week', 'someday']) }),
  start: ofAction,
  pause: ofAction,
  setWaiting: (d) => ({ ...ofAction(d), waiting: d.maybe(d.waiting) }),
  addContext: (d) => ({ name: d.text() }),
  addPerson: (d) => ({ name: d.text() }),
  renameContext: (d) => ({ id: d.any('context'), name: d.text() }),
  renamePerson: (d) => ({ id: d.any('person'), name: d.text() }),
  setSettings: (d) => ({ underwayLimit: d.number(5) + 1, hideDoneSteps: d.chance(0.5) }),
  joinSlips: (d) => ({ ids: [d.any('slip'), d.any('slip')] }),
  splitSlip: (d) => ({ id: d.any('slip'), pieces: [0, 1].map(() => ({ text: d.text(), note: '', takenOff: [] })) }),
  mergeIntoAction: (d) => ({ slipId: d.any('slip'), actionId: d.any('action'), fields: d.action() }),
  makeStepOf: (d) => ({ slipId: d.any('slip'), actionId: d.any('action') }),
  growIntoProject: (d) => ({ ...ofAction(d), title: d.text(), next: d.text(), nextStepId: d.maybe(() => d.any('step')) }),
  shrinkToAction: (d) => ({ id: d.any('project') }),
  joinProjects: (d) => ({ id: d.any('project'), intoId: d.any('project') }),
  partOfArea: (d) => ({ id: d.any('project') }),
  addReference: (d) => ({ title: d.text(), link: d.maybe(() => 'https://example.org') }),
  addReading: (d) => ({ title: d.text() }),
  editReading: (d) => ({ id: d.any('reading'), patch: { title: d.text(), state: 'begun' } }),
  removeReading: (d) => ({ id: d.any('reading') }),
  shelveKept: (d) => ({ ids: [d.any('reading', 'reference')], ...d.shelf() }),
  setReadings: (d) => ({ ids: [d.any('reading')], state: 'finished' }),
  removeKept: (d) => ({ ids: [d.any('reading', 'reference')] }),
  editReference: (d) => ({ id: d.any('reference'), patch: { title: d.text(), note: d.text() } }),
  removeReference: (d) => ({ id: d.any('reference') }),
  chooseFirst: (d) => ({ contexts: [d.text()], areas: [{ name: d.text(), side: 'work', ink: 1 }], workingHours: { 0: [{ from: 540, to: 600 }] }, availableMinutes: [1, 2, 3, 4, 5, 6, 7], weekStartsOn: 0 }),
  startReview: () => ({}),
  stepTo: (d) => ({ id: d.any('review'), stone: d.oneOf(stonesOf.week), done: d.chance(0.5) }),
  setAims: (d) => ({ id: d.any('review'), firstAim: d.text() }),
  setWeekAims: (d) => ({ first: d.day(), secondAim: d.text() }),
  finishReview: (d) => ({ id: d.any('review'), figures: { slipsLeft: 1, projectsOpen: 1, projectsWithoutNextAction: 0, waiting: 0, someday: 0, done: 0, doneMinutes: 0, doneTitles: [] } }),
  dropReview: (d) => ({ id: d.any('review') }),
  lookedAt: (d) => ({ id: d.any('review'), ofId: d.any('action', 'project') }),
  editAnswer: (d) => ({ id: d.any('review'), stone: d.oneOf(['stopped', d.any('reviewStone')]), question: d.text(), answer: d.chance(0.8) ? d.text() : '' }),
  setStone: (d) => ({ rhythm: 'week', key: d.oneOf([...stonesOf.week, d.any('reviewStone')]), isOff: d.chance(0.5) }),
  moveStone: (d) => ({ rhythm: 'week', key: d.oneOf([...stonesOf.week, d.any('reviewStone')]), places: d.number(5) - 2 }),
  addQuestion: (d) => ({ rhythm: d.oneOf(['week', 'month']), question: d.text() }),
  editQuestion: (d) => ({ id: d.any('reviewStone'), question: d.text() }),
  removeQuestion: (d) => ({ id: d.any('reviewStone') }),
  removeDemo: () => ({}),
  setRepeat: (d) => ({ ...ofAction(d), repeat: d.maybe(d.repeat) }),
  skipTurn: ofAction,
  onlyThisOne: (d) => ({ ...ofAction(d), before: { minutes: 5 } }),
  fromNowOn: ofAction,
  watch: (d) => ({ ...ofAction(d), watched: d.chance(0.5) }),
  startTimer: ofAction,
  stopTimer: ofAction,
  correctTaken: (d) => ({ ...ofAction(d), minutes: d.maybe(() => 12) }),
  addEmails: (d) => ({ ownerId: d.owner(), emails: [slip(d)] }),
  addRemark: (d) => ({ ownerId: d.owner(), text: d.text() }),
  editRemark: (d) => ({ id: d.any('remark'), patch: { text: d.text(), date: d.day() } }),
  removeRemark: (d) => ({ id: d.any('remark') }),
  chase: (d) => ({ ...ofAction(d), said: d.text(), next: d.maybe(d.day) }),
  chaseAll: (d) => ({ ids: [d.any('action'), d.any('action')], said: d.text(), next: d.maybe(d.day) }),
  blockAction: (d) => ({ ...ofAction(d), afterId: d.any('action') }),
  unblockAction: (d) => d.blocked('action'),
  blockProject: (d) => ({ id: d.any('project'), afterId: d.any('project') }),
  unblockProject: (d) => d.blocked('project'),
  setInOrder: (d) => ({ id: d.any('project'), inOrder: d.chance(0.5) }),
  answerReminders: (d) => ({ answers: [{ id: d.any('reminder'), moment: d.when() }] }),
  snoozeReminder: (d) => ({ id: d.any('reminder'), moment: d.when(), to: d.when() }),
  addProject: (d) => ({ title: d.text(), areaId: d.any('area'), parentId: d.chance(0.2) ? d.any('project') : null }),
  editProject: (d) => ({ id: d.worked(), patch: { note: d.text(), soThat: d.text(), due: d.maybe(d.day), personIds: [d.any('person')], ...(d.chance(0.5) ? { state: 'notNow', notUntil: d.day() } : {}) } }),
  wakeProjects: () => ({ today: addDays(today, 400) }),
  setProjectState: (d) => ({ id: d.any('project'), state: d.oneOf(['open', 'notNow', 'finished', 'letGo']) }),
  addGroup: (d) => ({ name: d.text(), side: 'work' }),
  editGroup: (d) => ({ id: d.any('group'), patch: { name: d.text(), side: 'private' } }),
  addArea: (d) => ({ name: d.text(), groupId: d.maybe(() => d.any('group')) }),
  editArea: (d) => ({ id: d.any('area'), patch: { lookedOn: d.day(), everyWeeks: 2 } }),
  reopenShelf: (d) => ({ id: d.any('area', 'group') }),
  saveAsTemplate: (d) => ({ id: d.any('project', 'action', 'checklist', 'note') }),
  addTemplate: (d) => ({ title: d.text(), makes: d.oneOf(['action', 'project', 'checklist', 'note']) }),
  addToTemplate: (d) => ({ ...d.action(), projectId: d.any('project') }),
  removeTemplate: (d) => ({ id: d.any('project') }),
  addBlank: (d) => ({ projectId: d.any('project'), name: d.text(), kind: d.oneOf(['number', 'date', 'place']) }),
  editBlank: (d) => ({ id: d.any('blank'), patch: { name: d.text() } }),
  makeBlank: (d) => ({ projectId: d.any('project'), words: d.oneOf(['felt', 'hall']), name: d.text() }),
  removeBlank: (d) => ({ id: d.any('blank') }),
  setCounted: (d) => ({ of: d.any('action', 'project'), field: 'due', to: { blankId: null, shift: { by: 'days', steps: 3 }, time: null } }),
  addTemplatePart: (d) => ({ title: d.text(), parentId: d.any('project') }),
  useTemplate: (d) => ({ id: d.any('project'), answers: {}, areaId: d.maybe(() => d.any('area')), slipId: d.any('slip') }),
  importTemplate: () => ({ records: [] }),
  leaveShelf: (d) => ({ id: d.any('project', 'area', 'group'), way: d.oneOf([{ kind: 'rest' }, { kind: 'letGo' }, { kind: 'move', toId: d.any('area') }]) }),
  layProject: (d) => ({ id: d.any('project'), areaId: d.any('area'), parentId: d.maybe(() => d.any('project')), stageId: null, besideId: null }),
  layShelf: (d) => ({ id: d.any('area', 'group'), groupId: d.any('group'), besideId: null }),
  shiftDates: (d) => ({ id: d.any('action', 'project'), days: d.number(9) - 4, edge: 'both', following: d.chance(0.5) }),
  addStage: (d) => ({ ownerId: d.any('area', 'project'), name: d.text() }),
  editStage: (d) => ({ id: d.any('stage'), patch: { limit: 3 } }),
  removeStage: (d) => ({ id: d.any('stage'), toId: d.maybe(() => d.any('stage')) }),
  standIn: (d) => ({ id: d.any('project'), stageId: d.maybe(() => d.any('stage')) }),
  endProject: (d) => ({ id: d.any('project'), ending: d.oneOf(['won', 'notWon', 'parked']) }),
  rankBy: (d) => {
    const siblings = [d.any('action'), d.any('action'), d.any('action')]
    return { id: siblings[0], siblings: [...new Set(siblings)], places: d.oneOf([1, -1]) }
  },
  renameShelf: (d) => ({ id: d.any('project', 'area', 'group'), name: d.text() }),
  laySteps: (d) => ({ ownerId: d.owner(), lines: [{ title: d.text(), depth: 0 }, { title: d.text(), depth: 1 }], place: { underId: null, afterId: null } }),
  moveStep: (d) => ({ id: d.any('step'), place: place(d) }),
  tickStep: (d) => ({ id: d.any('step'), done: d.chance(0.6) }),
  removeStep: (d) => ({ id: d.any('step') }),
  pullStepOut: (d) => ({ id: d.any('step') }),
  pushIntoSteps: (d) => ({ ...ofAction(d), ofId: d.any('action') }),
  tickWithSteps: ofAction,
  tickKeepingRest: ofAction,
  addChecklist: (d) => ({ name: d.text(), ownerId: d.maybe(() => d.any('action', 'project')) }),
  renameChecklist: (d) => ({ id: d.any('checklist'), name: d.text() }),
  removeChecklist: (d) => ({ id: d.any('checklist') }),
  startAfresh: (d) => ({ id: d.ticked() }),
  writeNote: (d) => ({ id: d.noted(), note: `- [ ] ${d.text()}\n- [ ] ${d.text()}` }),
  makeActionsOfLines: (d) => {
    const id = d.noted()
    return { id, lines: d.lines(id) }
  },
  liftLines: (d) => {
    const id = d.noted()
    return { id, lines: d.lines(id) }
  },
  writeLookBack: (d) => ({ from: today, to: addDays(today, d.number(60)), title: d.text(), note: d.text() }),
  addMeetingNote: (d) => ({ title: d.text(), note: '- [ ] said', projectId: d.any('project') }),
  editMeetingNote: (d) => ({ id: d.any('note'), patch: { title: d.text(), date: d.day() } }),
  removeMeetingNote: (d) => ({ id: d.any('note') }),
  setDayAvailable: (d) => ({ date: d.day(), minutes: d.maybe(() => 100) }),
  planDay: (d) => ({ ids: [d.any('action'), d.any('action')] }),
  endDay: (d) => ({ date: today, line: d.text(), moves: [{ ...ofAction(d), to: d.maybe(d.day) }] }),
  spreadDay: (d) => ({ moves: [{ ...ofAction(d), to: d.day() }] }),
  placeAction: (d) => ({ ...ofAction(d), date: d.day(), minute: d.oneOf([480, 555, 1435]), minutes: d.chance(0.5) ? 25 : undefined }),
  unplaceAction: (d) => ({ ...ofAction(d), date: d.day() }),
  layOutDay: (d) => ({ date: d.day(), placings: [{ ...ofAction(d), minute: 540 }, { ...ofAction(d), minute: 600 }] }),
  setDayAway: (d) => ({ dates: [d.day(), d.day()], away: d.maybe(() => d.text()) }),
  holdTimes: (d) => ({ title: d.text(), minutes: 60, personId: d.maybe(() => d.any('person')), zone: d.maybe(() => 'Asia/Tokyo'), times: [d.number(500), d.number(500)].map((hour) => ({ fromEpochMs: testStartEpochMs + hour * 3_600_000, toEpochMs: testStartEpochMs + (hour + 1) * 3_600_000 })) }),
  removeHeldTimes: (d) => ({ ids: [d.any('offer', 'heldTime')] }),
  agreeOnTime: (d) => ({ id: d.any('heldTime'), at: { date: d.day(), time: '10:30' } }),
  startInstead: (d) => ({ ...ofAction(d), insteadId: d.any('action') }),
  layInto: (d) => ({ ...ofAction(d), band: d.oneOf([null, 'today', 'week']), order: [] }),
  editContext: (d) => ({ id: d.any('context'), patch: { parentId: d.maybe(() => d.any('context')) } }),
  removeNamed: (d) => ({ id: d.any('context', 'person') }),
  joinNamed: (d) => ({ id: d.any('person'), intoId: d.any('person') }),
  addFact: (d) => ({ id: d.maybe(() => d.any('person')), name: 'Oda Marsh', fact: fact(d) }),
  editFact: (d) => ({ id: d.any('fact'), patch: d.chance(0.5) ? fact(d) : { label: d.text() } }),
  moveFact: (d) => ({ id: d.any('fact'), afterId: d.maybe(() => d.any('fact')) }),
  removeFact: (d) => ({ id: d.any('fact') }),
  remindYearly: (d) => ({ id: d.any('fact'), title: d.text() }),
  editPerson: (d) => ({ id: d.any('person'), patch: { role: d.text(), isFirm: d.chance(0.3), onBoard: d.chance(0.3) }, ...(d.chance(0.5) ? { firmNamed: 'Marsh and Daughters' } : {}) }),
  addTopic: (d) => topic(d),
  raiseSlip: (d) => ({ ...topic(d), slipId: d.any('slip') }),
  editTopic: (d) => ({ id: d.any('topic'), text: d.text() }),
  removeTopic: (d) => ({ id: d.any('topic') }),
  raiseTopic: (d) => ({ id: d.any('topic'), inId: d.maybe(() => d.any('note')) }),
  raiseAgain: (d) => ({ id: d.any('topic') }),
  addGoal: (d) => ({ title: d.text(), reach: 'near' }),
  editGoal: (d) => ({ id: d.any('goal'), patch: { note: d.text() } }),
  setGoalState: (d) => ({ id: d.any('goal'), state: d.oneOf(['open', 'reached', 'letGo']) }),
  pointAt: (d) => ({ id: d.any('project', 'area'), goalId: d.any('goal'), points: d.chance(0.7) }),
  addCalendar: (d) => ({ name: d.text(), link: d.maybe(() => `https://mill.example/${d.text().replaceAll(' ', '-')}.ics`) }),
  editCalendar: (d) => ({ id: d.any('calendar'), patch: d.chance(0.5) ? { name: d.text() } : { isHidden: d.chance(0.5), side: d.maybe(() => 'work') } }),
  removeCalendar: (d) => ({ id: d.any('calendar') }),
  addLens: (d) => ({ name: d.text(), lens: emptyLens }),
  editLens: (d) => ({ id: d.chance(0.3) ? readyLens : d.any('lens'), patch: { name: d.text() } }),
  placeLens: (d) => ({ id: d.any('lens'), after: d.maybe(() => d.any('lens')) }),
  removeLens: (d) => ({ id: d.any('lens') }),
  resetLens: () => ({ id: readyLens }),
} // prettier-ignore

/** All that is there; of the settings, what holds. */
export function held(store: TestStore) {
  const { document } = store.api.getState()
  const records = recordsById(document)
  records.delete('settings:main')
  return { records, settings: settingsIn(document) }
}

/** What points at something that is not there, and does not keep it as a memory of what was. */
export function pointlessIn({ records }: ReturnType<typeof held>): string[] {
  return [...records.values()].flatMap((record) =>
    refsIn(record).flatMap(({ id, onDelete }) => {
      // A day has its note from the first word on.
      const isThere = onDelete === 'keep' || records.has(id) || datedNoteOf(id) !== null
      return isThere ? [] : [`${record.id} ${id}`]
    }),
  )
}

export const actNames = Object.keys(acts) as CommandName[]
