// What was understood of a sentence, as chips say it.
import { kindOf } from '@/core/record'
import { type Clause, type Guess } from '@/core/sentence'
import { type CalendarDate } from '@/core/time'
import { count } from './counts'
import { clauseWordsOf, type FacetSetting } from './facets'

/** A chip: what was understood, as short as can be. */
export function chipWords(clause: Clause, today: CalendarDate): string {
  if (clause.kind === 'steps') return count(clause.steps.length, 'step')
  if (clause.kind === 'question')
    return `${clause.options[0]?.name}: ${clause.options.map(({ id }) => kindOf(id)).join(' or ')}?`
  return clauseWordsOf(clause.kind)?.words(clause, today) ?? ''
}

/** Why a chip is a guess, in one short sentence. */
export const guessWords: Readonly<Record<Guess, string>> = {
  dayFirst: 'read as day, then month.',
  nextWeekday: 'read as next week.',
  dayBefore: 'read as the day before.',
  partOfDay: 'read as the usual time.',
  bareHour: 'read as the likelier hour.',
  partOfName: 'only part of the name.',
  loose: 'may be part of the title.',
  list: 'read as a list.',
  unknownPerson: 'a name that is new here.',
}

/** The chooser that a chip opens; what has none is said again. */
export const openedBy = ({ kind }: Clause): FacetSetting | undefined => clauseWordsOf(kind)?.opens
/** Under which name it is said again. */
export const againWords = ({ kind }: Clause): string => clauseWordsOf(kind)?.again ?? 'Steps'

/** What came with a slip, each in two words. */
export function cameWithWords(came: {
  readonly note: string
  readonly steps: number
  readonly files: number
  readonly isAside: boolean
}): string[] {
  return [
    ...(came.steps > 0 ? [count(came.steps, 'step')] : []),
    ...(came.files > 0 ? [count(came.files, 'file')] : []),
    ...(came.note === '' ? [] : ['a note']),
    ...(came.isAside ? ['for the review'] : []),
  ]
}
