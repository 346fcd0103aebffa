// All sentences and words that people read. Dates and numbers are British.
import type { Load } from '@/core/day'
import type { StoreFileFault } from '@/core/exchange'
import { assertNever } from '@/core/invariant'
import { idOf, madeAtEpochMs, recordIn, type Change, type Diff, type Document } from '@/core/journal'
import { isOpen, kindOf, type Action, type Id, type RecordKind, type When } from '@/core/record'
import type { Clause } from '@/core/sentence'
import { daysBetween, localMomentAt, type CalendarDate } from '@/core/time'
import type { AppErrorCode, KeyAct, Keeping, Refusal } from '@/state'

const utc = (date: CalendarDate) => new Date(`${date}T00:00:00Z`)
const format = (options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', ...options })
const formats = {
  long: format({ weekday: 'long', day: 'numeric', month: 'long' }),
  short: format({ weekday: 'short', day: 'numeric', month: 'short' }),
  dayMonth: format({ day: 'numeric', month: 'long' }),
  shortYear: format({ day: 'numeric', month: 'short', year: 'numeric' }),
  weekday: format({ weekday: 'long' }),
  weekdayShort: format({ weekday: 'short', day: 'numeric' }),
}

/** "Wednesday, 11 March" */
export const longDate = (date: CalendarDate): string =>
  formats.long.format(utc(date)).replace(/^(\w+),? /, '$1, ')
/** "Wed 11 March" */
export const headDate = (date: CalendarDate): string =>
  `${format({ weekday: 'short' }).format(utc(date))} ${formats.dayMonth.format(utc(date))}`
export const weekdayShort = (date: CalendarDate): string =>
  formats.weekdayShort.format(utc(date)).replace(/^(\d+) (\w+)$/, '$2 $1')
export const dayMonth = (date: CalendarDate): string => formats.dayMonth.format(utc(date))

/** "Fri 13 Mar", with the year where it is another one. */
export function shortDate(date: CalendarDate, today: CalendarDate): string {
  return date.slice(0, 4) === today.slice(0, 4)
    ? formats.short.format(utc(date)).replace(',', '')
    : formats.shortYear.format(utc(date))
}

/** "today", "tomorrow", "yesterday", a weekday within the week around, else the date. */
export function nearDate(date: CalendarDate, today: CalendarDate): string {
  const away = daysBetween(today, date)
  if (away === 0) return 'today'
  if (away === 1) return 'tomorrow'
  if (away === -1) return 'yesterday'
  return shortDate(date, today)
}

/** "5 h 40", "40 min", "2 h" */
export function duration(minutes: number): string {
  const hours = Math.floor(minutes / 60)
  const rest = minutes % 60
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`
}

export const when = ({ date, time }: When, today: CalendarDate): string =>
  [nearDate(date, today), time].filter(Boolean).join(', ')
export const count = (number: number, one: string, many = `${one}s`): string =>
  `${number} ${number === 1 ? one : many}`
const times = (number: number): string => (number === 1 ? 'once' : number === 2 ? 'twice' : `${number} times`)

export const horizonWords = {
  today: 'today',
  week: 'this week',
  soon: 'soon',
  shelf: 'on the shelf',
  someday: 'someday',
} as const
export const bandWords = {
  carriedOver: 'Carried over',
  dueToday: 'Due today',
  underway: 'Underway',
  picked: 'Picked for today',
  inReach: 'In reach',
} as const
export const stationWords = {
  tray: 'Tray',
  day: 'Day',
  week: 'Week',
  shelves: 'Shelves',
  review: 'Review',
} as const
export const stoneWords = {
  tray: 'Tray',
  projects: 'Projects',
  waiting: 'Waiting',
  done: 'Done',
  aims: 'Aims',
} as const
export const stateWords = { open: 'open', notNow: 'not now', finished: 'finished', letGo: 'let go' } as const

/** A chip: what was understood, as short as can be. */
export function chipWords(clause: Clause, today: CalendarDate): string {
  switch (clause.kind) {
    case 'due':
      return `by ${shortDate(clause.date, today)}${clause.time ? `, ${clause.time}` : ''}`
    case 'notBefore':
      return `not before ${shortDate(clause.date, today)}`
    case 'at':
      return `${shortDate(clause.date ?? today, today)}, ${clause.time}`
    case 'day':
      return `on ${shortDate(clause.date, today)}`
    case 'since':
      return `since ${shortDate(clause.date, today)}`
    case 'chase':
      return `chase ${shortDate(clause.date, today)}`
    case 'horizon':
      return horizonWords[clause.horizon]
    case 'minutes':
      return duration(clause.minutes)
    case 'weight':
      return clause.weight
    case 'energy':
      return clause.energy
    case 'address':
      return clause.address.replace(/^https?:\/\/(www\.)?/i, '').slice(0, 28)
    case 'waiting':
      return `waiting for ${clause.name?.name ?? clause.whom}`
    case 'question':
      return `${clause.options[0]?.name}: ${clause.options.map(({ id }) => kindOf(id)).join(' or ')}?`
    case 'context':
    case 'project':
    case 'area':
    case 'person':
      return clause.name.name
    default:
      return assertNever(clause)
  }
}

/** Date, contexts and minutes of an action on one soft line. */
export function actionDetails(
  action: Action,
  document: Document,
  today: CalendarDate,
  options: { project?: boolean; day?: boolean } = {},
): string {
  const names = action.contextIds.map((id) => recordIn(document, id)?.name)
  const project =
    options.project && action.projectId ? recordIn(document, action.projectId)?.title : undefined
  return [
    project,
    ...names,
    action.energy === 'plain' ? null : action.energy,
    action.minutes ? duration(action.minutes) : null,
    action.at ? when(action.at, today) : null,
    action.due ? `due ${when(action.due, today)}` : null,
    options.day && action.day && !action.at ? nearDate(action.day, today) : null,
    action.notBefore && action.notBefore > today ? `not before ${shortDate(action.notBefore, today)}` : null,
    action.waiting && isOpen(action) ? waitingWords(action, document, today) : null,
    action.moves > 0 ? `moved ${times(action.moves)}` : null,
  ]
    .filter(Boolean)
    .join(' · ')
}

export function waitingWords(action: Action, document: Document, today: CalendarDate): string {
  if (!action.waiting) return ''
  const { personId, whom, since, chaseOn } = action.waiting
  const name = (personId && recordIn(document, personId)?.name) || whom || 'somebody'
  return `waiting for ${name} since ${nearDate(since, today)}${chaseOn ? `, chase ${nearDate(chaseOn, today)}` : ''}`
}

/** The gauge in words: [what is plain, what stands out, whether it fits]. */
export function loadWords({ plannedMinutes, freeMinutes, overMinutes, withoutMinutes }: Load): {
  plain: string
  verdict: string
  fits: boolean
} {
  const unknown =
    withoutMinutes > 0
      ? ` ${withoutMinutes === 1 ? 'One has' : `${withoutMinutes} have`} no minutes yet.`
      : ''
  if (plannedMinutes === 0)
    return {
      plain: `Nothing planned into ${duration(freeMinutes)} of free time.${unknown}`,
      verdict: '',
      fits: true,
    }
  const plain = `${duration(plannedMinutes)} planned into ${duration(freeMinutes)} of free time: `
  if (overMinutes > 0) return { plain, verdict: `${duration(overMinutes)} too much.${unknown}`, fits: false }
  return {
    plain,
    verdict: `${freeMinutes === plannedMinutes ? 'it just fits' : `${duration(freeMinutes - plannedMinutes)} left`}.${unknown}`,
    fits: true,
  }
}

const fieldNames: Record<string, string> = {
  text: 'The line',
  title: 'The title',
  name: 'The name',
  note: 'The note',
  outcome: 'The outcome',
  whom: 'Whom you wait for',
  stamp: 'The seal',
  aim: 'The aim',
  address: 'The address',
}

export function refusalWords(refusal: Refusal): string {
  switch (refusal.kind) {
    case 'notFound':
      return 'That is no longer here. It may have been removed in another tab.'
    case 'empty':
      return `${fieldNames[refusal.field] ?? 'It'} needs at least one word.`
    case 'tooLong':
      if (refusal.field === 'stamp') return 'The seal has room for two letters or one emoji.'
      return `${fieldNames[refusal.field] ?? 'It'} is longer than ${refusal.limit.toLocaleString('en-GB')} characters. Shorten it, or put the rest in a note.`
    case 'nameTaken':
      return `“${refusal.name}” is there already.`
    case 'underwayFull':
      return `${count(refusal.limit, 'action')} ${refusal.limit === 1 ? 'is' : 'are'} underway, as many as you allow. Stop or finish one first.`
    case 'notEmpty':
      return `${count(refusal.count, 'open thing')} still ${refusal.count === 1 ? 'stands' : 'stand'} here. Finish, move or let go of ${refusal.count === 1 ? 'it' : 'them'} first.`
    case 'nothingToDo':
      return 'Nothing changed.'
    case 'unfit':
      return `${fieldNames[refusal.field] ?? 'Something'} cannot be kept like this. Nothing was changed.`
    case 'readOnly':
      return 'A newer version of Zen Tray has written here, so this one only reads. Reload the page to get the newer one.'
    default:
      return assertNever(refusal)
  }
}

export function keepingWords(keeping: Extract<Keeping, { kind: 'failed' }>): string {
  const waiting = `${count(keeping.waiting, 'change')} ${keeping.waiting === 1 ? 'is' : 'are'} not kept yet and will be lost if you close the page.`
  switch (keeping.code) {
    case 'storageFull':
      return `The browser has no room left. ${waiting} Make room, then try again.`
    case 'storageBlocked':
      return `The browser does not let Zen Tray keep anything here. ${waiting}`
    case 'storageFailed':
      return `Keeping failed. ${waiting}`
    default:
      return assertNever(keeping.code)
  }
}

/** What is said of a saved file: whether all of it was in reach. */
export function savedWords({ records, history }: { records: boolean; history: boolean }): {
  text: string
  isPartial: boolean
} {
  if (!records)
    return {
      text: 'Saved what is on the screen. What was kept before could not be read and is not in the file.',
      isPartial: true,
    }
  if (!history)
    return {
      text: 'Saved. Every record is in the file; part of its history could not be read and is not.',
      isPartial: true,
    }
  return { text: 'Saved to a file. Keep it somewhere safe.', isPartial: false }
}

/** What was kept before cannot be read now. */
export function unreadWords(code: AppErrorCode): string {
  const meanwhile = 'What was kept before is not on the screen. What you do now is laid beside it.'
  switch (code) {
    case 'storageFull':
      return `The browser has no room left and could not read what was kept. ${meanwhile}`
    case 'storageBlocked':
      return `The browser does not let Zen Tray keep anything here. ${meanwhile}`
    case 'storageFailed':
      return `What was kept could not be read. ${meanwhile}`
    default:
      return assertNever(code)
  }
}

const changeWords = { added: 'new', updated: 'changed', removed: 'removed' } as const

/** What bringing a file in would do, removals too: "12 new, 3 changed, 1 removed". */
export function broughtWords(diff: Diff): string {
  const counts = (Object.keys(changeWords) as (keyof typeof changeWords)[]).map(
    (kind) => [kind, diff.filter((part) => part.kind === kind)] as const,
  )
  const told = counts
    .filter(([, parts]) => parts.length > 0)
    .map(
      ([kind, parts]) =>
        `${parts.length.toLocaleString('en-GB')} ${changeWords[kind]} (${kindsWords(parts.map(idOf))})`,
    )
  return told.length === 0 ? 'Nothing here would change.' : `It would make these changes: ${told.join('; ')}.`
}

const kindNames: Readonly<Record<string, readonly [one: string, many: string]>> = {
  slip: ['slip', 'slips'],
  action: ['action', 'actions'],
  project: ['project', 'projects'],
  area: ['area', 'areas'],
  group: ['group', 'groups'],
  context: ['context', 'contexts'],
  person: ['person', 'people'],
  reference: ['reference', 'references'],
  review: ['review', 'reviews'],
  settings: ['the settings', 'the settings'],
}

function kindsWords(ids: readonly string[]): string {
  const counts = new Map<string, number>()
  for (const id of ids) counts.set(kindOf(id), (counts.get(kindOf(id)) ?? 0) + 1)
  return [...counts]
    .map(([kind, number]) =>
      kind === 'settings'
        ? 'the settings'
        : count(number, ...(kindNames[kind] ?? ['other thing', 'other things'])),
    )
    .join(', ')
}

const megabytes = (bytes: number): string => `${Math.round(bytes / 1e6)} MB`

export function fileFaultWords(fault: StoreFileFault): string {
  const unchanged = 'Nothing was changed.'
  switch (fault.kind) {
    case 'tooLarge':
      return `The file has ${megabytes(fault.bytes)}; Zen Tray reads files up to ${megabytes(fault.limitBytes)}. ${unchanged}`
    case 'empty':
      return `The file is empty. ${unchanged}`
    case 'notJson':
      return `The file breaks off or is damaged${fault.offset === null ? '' : ` at character ${fault.offset.toLocaleString('en-GB')}`}. ${unchanged}`
    case 'foreign':
      return `This is not a Zen Tray file. ${unchanged}`
    case 'newer':
      return `The file was written by a newer Zen Tray (format ${fault.version}). Update this one first. ${unchanged}`
    case 'shape':
      return `The file cannot be used at ${fault.where}: ${fault.why}. ${unchanged}`
    case 'twice':
      return `The file holds ${fault.id} twice, the second time at ${fault.where}. ${unchanged}`
    case 'tooDeep':
      return `The file nests things far deeper than Zen Tray ever does, in ${fault.where.slice(0, 40)}. ${unchanged}`
    case 'hostileKey':
      return `The file holds a key it must not have, “${fault.key}” in ${fault.where}. ${unchanged}`
    default:
      return assertNever(fault)
  }
}

/** Acts as they are announced and as history tells them. */
export const actWords: Readonly<Record<string, string>> = {
  setDown: 'Set down',
  editSlip: 'Changed',
  removeSlip: 'Taken off the tray',
  sortAsAction: 'Sorted as an action',
  sortAsDone: 'Done in two minutes',
  sortAsSomeday: 'Laid by for someday',
  sortAsLetGo: 'Let go',
  sortAsProject: 'Sorted as a project',
  sortAsReference: 'Kept as reference',
  editReference: 'Changed',
  removeReference: 'Removed',
  addAction: 'Added',
  editAction: 'Changed',
  tick: 'Ticked',
  untick: 'Unticked',
  letGo: 'Let go',
  pick: 'Picked for today',
  unpick: 'Taken off its day',
  moveTo: 'Moved',
  setHorizon: 'Horizon changed',
  start: 'Underway',
  stop: 'Laid down',
  setWaiting: 'Waiting changed',
  addProject: 'Project made',
  editProject: 'Changed',
  setProjectState: 'Project moved on',
  addGroup: 'Group made',
  editGroup: 'Changed',
  addArea: 'Area made',
  editArea: 'Changed',
  closeShelf: 'Closed',
  reopenShelf: 'Opened again',
  rankBy: 'Order changed',
  renameShelf: 'Renamed',
  addContext: 'Context made',
  addPerson: 'Person added',
  renameContext: 'Renamed',
  renamePerson: 'Renamed',
  removeNamed: 'Removed',
  setSettings: 'Settings changed',
  startReview: 'Review begun',
  stepTo: 'Stone reached',
  setAims: 'Aims set',
  finishReview: 'Review finished',
  dropReview: 'Review dropped',
  removeDemo: 'Demo data removed',
  undo: 'Undone',
  redo: 'Done again',
  bringIn: 'Brought in from a file',
  loadDemo: 'Demo data loaded',
}

/** An act in words; one that this version does not know is told plainly. */
export const actWordsOf = (act: string): string =>
  Object.hasOwn(actWords, act) ? (actWords[act] as string) : 'Changed'

export const keyWords: Readonly<Record<KeyAct, string>> = {
  capture: 'Set something down',
  search: 'Search',
  tray: 'Tray',
  day: 'Day',
  week: 'Week',
  shelves: 'Shelves',
  review: 'Review',
  next: 'Next row',
  previous: 'Row before',
  tick: 'Untick or tick',
  open: 'Open',
  move: 'Move to a day',
  horizon: 'Change the horizon',
  underway: 'Start or stop',
  pick: 'Pick or unpick for today',
  undo: 'Undo',
  redo: 'Redo',
  help: 'This sheet',
}

const fieldWords: Readonly<Record<string, string>> = {
  title: 'title',
  note: 'note',
  address: 'address',
  projectId: 'project',
  areaId: 'area',
  contextIds: 'contexts',
  personIds: 'people',
  horizon: 'horizon',
  weight: 'weight',
  energy: 'energy',
  minutes: 'minutes',
  due: 'due',
  notBefore: 'not before',
  at: 'at',
  day: 'day',
  rank: 'order',
  waiting: 'waiting for',
  text: 'words',
  outcome: 'outcome',
  state: 'state',
  name: 'name',
}

/** A field's value in words, for history. */
function valueWords(field: string, value: unknown, document: Document, today: CalendarDate): string {
  if (value === null || value === '' || (Array.isArray(value) && value.length === 0)) return 'none'
  const named = (id: string) => {
    const record = recordIn(document, id as `${RecordKind}:`) as { title?: string; name?: string } | undefined
    return record?.title ?? record?.name ?? 'something removed'
  }
  if (field === 'due' || field === 'at') return when(value as When, today)
  if (field === 'day' || field === 'notBefore') return nearDate(value as CalendarDate, today)
  if (field === 'minutes') return duration(value as number)
  if (field === 'horizon') return horizonWords[value as keyof typeof horizonWords]
  if (field === 'state') return stateWords[value as keyof typeof stateWords]
  if (field.endsWith('Ids')) return (value as string[]).map(named).join(', ')
  if (field.endsWith('Id')) return named(value as string)
  if (field === 'waiting') return 'somebody'
  return String(value).length > 60 ? `${String(value).slice(0, 57)}…` : String(value)
}

const silent = new Set([
  'moves',
  'rank',
  'startedAtEpochMs',
  'doneAtEpochMs',
  'letGoAtEpochMs',
  'closedAtEpochMs',
])

/** One line of a record's history: "Moved: day from tomorrow to today". */
export function historyWords(change: Change, id: string, document: Document, today: CalendarDate): string {
  const act = actWordsOf(change.act)
  const part = change.diff.find((candidate) => candidate.kind === 'updated' && candidate.id === id)
  if (part?.kind !== 'updated') return act
  const told = Object.entries(part.fields)
    .filter(([field]) => !silent.has(field))
    .map(([field, [from, to]]) =>
      field === 'note'
        ? 'note'
        : `${fieldWords[field] ?? field} ${valueWords(field, from, document, today)} → ${valueWords(field, to, document, today)}`,
    )
  return told.length > 0 ? `${act}: ${told.join('; ')}` : act
}

/** "Wed 11 Mar, 09:14" */
export function momentWords(epochMs: number, zone: string, today: CalendarDate): string {
  const { date, minute } = localMomentAt(epochMs, zone)
  return `${nearDate(date, today)}, ${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`
}

export const changeMoment = (change: Change, zone: string, today: CalendarDate): string =>
  momentWords(madeAtEpochMs(change), zone, today)

/** What a record is called, whatever its kind. */
export function nameOfRecord(document: Document, id: string): string {
  const record = recordIn(document, id as Id) as { title?: string; name?: string; text?: string } | undefined
  return record?.title ?? record?.name ?? record?.text ?? ''
}
