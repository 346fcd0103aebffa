// What a record that goes says in its fields, as a line for the note of what takes it in. Law: each text, date, link
// and person of a record that is removed stands somewhere afterwards.
import { facets } from '@/core/facets'
import { recordIn, type Document } from '@/core/journal'
import type { Action, Project, Reminder } from '@/core/record'
import { dayWords, wordsOfField } from '@/core/sentence/wordsOfField'
import { remindersOf } from '../../read/ownedIndexes'
import { stagesOf } from '../../read/selectors'

const nameIn =
  (document: Document) =>
  (id: string): string => {
    const record = recordIn(document, id as `action:`) as { title?: string; name?: string } | undefined
    return record?.title ?? record?.name ?? ''
  }

const oneLine = (words: readonly string[]): string => words.filter((each) => each !== '').join(', ')

/** Where it stands, and what is said in words of its own below. */
const saidApart: readonly string[] = ['horizon', 'projectId', 'areaId', 'weight', 'waiting']
const saidPlainly = facets.flatMap(({ fields }) => fields).filter((field) => !saidApart.includes(field))

function reminderSaid({ when }: Reminder): string {
  if (when.kind === 'at') return `remind me on ${dayWords(when.date)}${when.time ? ` ${when.time}` : ''}`
  const many = (count: number, noun: string) => `remind me ${count} ${noun}${count === 1 ? '' : 's'} before`
  if (when.kind === 'minutesBefore') return many(when.minutes, 'minute')
  return `${many(when.days, 'day')}${when.time ? ` at ${when.time}` : ''}`
}

/**
 * Everything set of an action in one line: "by 13 march 2026 17:00, 45 min, with Oda"; `but` leaves out what is held
 * elsewhere.
 */
export function actionSaid(document: Document, action: Action, but: readonly (keyof Action)[] = []): string {
  const nameOf = nameIn(document)
  const { waiting, weight, takenMinutes, event } = action
  const whom = waiting?.personId ? nameOf(waiting.personId) : waiting?.whom
  return oneLine([
    ...saidPlainly
      .filter((field) => !but.includes(field))
      .flatMap((field) => wordsOfField(field, action, null, nameOf)),
    ...(weight === 'should' || but.includes('weight') ? [] : [weight]),
    ...(waiting && !but.includes('waiting')
      ? [`waiting for ${whom}`, ...wordsOfField('waiting', action, null, nameOf), waiting.how]
      : []),
    ...(event ? [`for the event “${event.title}” on ${dayWords(event.on)}`] : []),
    ...(takenMinutes === null || but.includes('takenMinutes') ? [] : [`took ${takenMinutes} min`]),
    ...remindersOf(document, action.id).map(reminderSaid),
  ])
}

/** What a project says besides its texts: its days, people, goals, what it comes after, and stages of its own. */
export function projectSaid(
  document: Document,
  project: Project,
  but: readonly ('due' | 'personIds' | 'goalIds' | 'afterIds')[] = [],
): string {
  const nameOf = nameIn(document)
  const { due, begins, notUntil, personIds, goalIds, afterIds, endReason } = project
  const is = (field: (typeof but)[number]) => !but.includes(field)
  const stages = stagesOf(document, project.id)
  return oneLine([
    begins ? `from ${dayWords(begins)}` : '',
    due && is('due') ? `by ${dayWords(due)}` : '',
    notUntil ? `not before ${dayWords(notUntil)}` : '',
    ...(is('personIds') ? personIds.map((id) => `with ${nameOf(id)}`) : []),
    ...(is('goalIds') ? goalIds.map((id) => `for ${nameOf(id)}`) : []),
    ...(is('afterIds') ? afterIds.map((id) => `after ${nameOf(id)}`) : []),
    endReason,
    stages.length > 0 ? `stages: ${stages.map(({ name }) => name).join(', ')}` : '',
  ])
}
