// Every sentence people read, a file a subject. What is read only where something is opened or brought in, histories
// and files, is imported from its own file, so that it loads there.
export {
  dayMonth,
  spanWords,
  duration,
  format,
  headDate,
  longDate,
  momentSaid,
  momentWords,
  capital,
  nearDate,
  shortDate,
  weekdayShort,
  when,
  fixedWords,
} from './dates'
export { count, fileSize } from './counts'
export {
  bandWords,
  nameOfRecord,
  placeWords,
  readingWords,
  shortened,
  stateWords,
  stationWords,
} from './names'
export {
  actionDetails,
  fewActionDetails,
  blockedWords,
  horizonWords,
  movedWords,
  waitingWords,
} from './action'
export { againWords, cameWithWords, chipWords, guessWords, openedBy } from './sentence'
export { asSaid, comesWithWords, reminderWords, repeatWords } from './repeat'
export { loadLong, loadShort, loadWords } from './load'
export { refusalWords } from './refusals'
export { keepingWords, savedWords, unreadWords } from './keeping'
export { actWords, actWordsOf, revertedWords } from './acts'
export { keyWords } from './keys'
export {
  bareLink,
  chooserWords,
  offerWords,
  ofSeveral,
  saidOf,
  saidOfProject,
  setWords,
  unsaidOf,
  workWords,
  worthWords,
  type Sayable,
  type SaidChip,
  type SaidField,
} from './said'
