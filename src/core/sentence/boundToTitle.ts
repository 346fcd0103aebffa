// Words that bind what is behind them to the title: "every friday evening", "the last 20 minutes", "chapter 3 of May".
import { rulesOf } from '../facets'
import type { Claim } from './claim'
import type { Word } from './words'

/** Words before a date, a length or a horizon that make it part of the title: "every friday", "the last 20 minutes". */
const bindsForward = new Set([
  'every',
  'each',
  'since',
  'until',
  'till',
  'from',
  'last',
  'first',
  'past',
  'within',
  'in',
  'of',
  'after',
  'before',
  'good',
  'black',
  'casual',
  'per',
  'than',
  'between',
  'chase',
  'called',
  'named',
  'titled',
  'about',
  'the',
  'a',
  'an',
  'my',
  'our',
])
/** "plan the walk for Sunday": behind these a bare day belongs to the title. */
const bindsDay = new Set(['for', 'to', 'about', 'with', 'and', 'or', 'this', 'next'])
/** "chapter 3 of May", "version 1.2." */
const bindsNumber = new Set(
  'psalm verse john luke ratio chapter page pages part version room number no section size row gate flat'.split(
    ' ',
  ),
)
/** "twice daily", "three times weekly". */
const bindsRepeat = new Set(['once', 'twice', 'thrice', 'times', 'only'])
/** Words that make the name behind them part of a longer thing: "the phone", "a new phone". */
export const determiners = new Set([
  'a',
  'an',
  'the',
  'my',
  'our',
  'your',
  'his',
  'her',
  'their',
  'its',
  'this',
  'that',
  'these',
  'those',
  'some',
  'any',
  'no',
  'another',
  'new',
  'old',
  'spare',
  'broken',
  'good',
  'second',
])
/** Whether the words before a claim make it a part of the title. `partStart`: where its part of the sentence begins. */
export function boundToTitle(words: readonly Word[], found: Claim, partStart: number): boolean {
  if (found.from === partStart) return false
  const before = words[found.from - 1] as Word
  const { kind } = found.meaning
  // "the day before tomorrow", "Monday Monday".
  const first = (words[found.from] as Word).text
  if (first === 'before' && /^(?:day|night|week|evening)$/.test(before.text)) return true
  if (kind === 'day' && before.text === first) return true
  if ((kind === 'day' || kind === 'repeat') && bindsDay.has(before.text)) return true
  if (
    (kind === 'day' || kind === 'at') &&
    /^\d/.test((words[found.from] as Word).text) &&
    bindsNumber.has(before.text)
  )
    return true
  if (kind === 'repeat' && (bindsRepeat.has(before.text) || determiners.has(before.text))) return true
  // "count the till every evening"
  if (kind === 'repeat' && /^(?:till|until)$/.test(before.text)) return false
  return rulesOf(kind)?.isTimed === true && bindsForward.has(before.text)
}
