// Sentences as people say them, from ten kinds of work and from home, said on Wednesday 11 March 2026 at 10:00. Each
// line: what is said | the title that is left | what is understood, in codes: d0312 a day, by0313@17:00 due,
// at0312@14:30+60 fixed (at@14:30 without a day), nb0501 not before, 20m minutes, week and someday horizons, rep: a
// rule, rem: a reminder; names as they are.
import { makeNameIndex, type Name } from '../../sentence'
import { saidAtHome } from './atHome'
import { saidAtWork } from './atWork'

export { nearMisses as corpusStays } from './nearMisses'

const name = (id: string, text: string): Name => ({ id: id as Name['id'], name: text })

export const corpusNames = makeNameIndex([
  name('context:phone', 'Phone'),
  name('context:desk', 'Desk'),
  name('context:workshop', 'Workshop'),
  name('context:errands', 'Errands'),
  name('context:ward', 'Ward'),
  name('project:kitchen', 'Harbour Street kitchen'),
  name('project:concert', 'Spring concert'),
  name('project:tax', 'Tax return'),
  name('area:garden', 'Garden'),
  name('area:house', 'House'),
  name('person:davit', 'Davit'),
  name('person:brigitte', 'Brigitte'),
  name('person:priya', 'Priya Nair'),
  name('person:mum', 'Mum'),
])

/** A part at the beginning, in the middle, at the end, or several of them. */
export const corpusSaid: readonly string[] = [...saidAtWork, ...saidAtHome]
