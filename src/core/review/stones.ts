// The parts of a review: what each rhythm comes with, as a person has ordered them, left some out and added questions.
import { byRank, rankOfNumber, type Id, type ReviewRhythm, type ReviewStone } from '../record'

/** What each rhythm comes with, in the order of the round. */
export const stonesOf = {
  week: [
    'tray',
    'box',
    'behind',
    'ahead',
    'notDone',
    'waiting',
    'projects',
    'areas',
    'goals',
    'someday',
    'order',
    'done',
    'aims',
  ],
  month: ['done', 'finished', 'goals', 'areas', 'habits', 'stopped', 'learned', 'next'],
  quarter: ['done', 'finished', 'goals', 'areas', 'habits', 'stopped', 'learned', 'next'],
  year: ['done', 'finished', 'goals', 'areas', 'habits', 'stopped', 'learned', 'proud', 'next'],
} as const satisfies Readonly<Record<ReviewRhythm, readonly string[]>>
export type StoneName = (typeof stonesOf)[ReviewRhythm][number]

/** Those that ask, and keep what is answered. */
export const questionNames = ['stopped', 'learned', 'proud', 'next'] as const
export type QuestionName = (typeof questionNames)[number]

export interface StoneOfRound {
  /** The name of one that comes with the program, or the id of an own question. */
  readonly key: string
  readonly rank: string
  readonly isOff: boolean
  /** An own question; null where it comes with the program. */
  readonly question: string | null
}

/** Where what was changed of one that comes with the program is kept. */
export const stoneIdOf = (rhythm: ReviewRhythm, name: string): Id<'reviewStone'> =>
  `reviewStone:${rhythm}-${name}`

/** Every part of a rhythm in its order, those left out too. */
export function stonesIn(rhythm: ReviewRhythm, kept: Iterable<ReviewStone>): readonly StoneOfRound[] {
  const byKept = new Map([...kept].map((stone) => [stone.id, stone]))
  const come = stonesOf[rhythm].map((name, at): StoneOfRound => {
    const changed = byKept.get(stoneIdOf(rhythm, name))
    return {
      key: name,
      rank: changed?.rank ?? rankOfNumber(at + 1),
      isOff: changed?.isOff ?? false,
      question: null,
    }
  })
  const own = [...byKept.values()]
    .filter((stone) => stone.rhythm === rhythm && stone.question !== '' && stone.letGoAtEpochMs === null)
    .map(({ id, rank, isOff, question }): StoneOfRound => ({ key: id, rank, isOff, question }))
  return [...come, ...own].sort((a, b) => byRank({ ...a, id: a.key }, { ...b, id: b.key }))
}
