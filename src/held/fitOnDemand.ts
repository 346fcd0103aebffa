// Whether it all fits, with how that is said, behind one door.
export { brokenBy, fitIn, fitsFrom, fitWaysIn, usualMinutes } from '@/state/read/fit'
export { breaksWords, fitSentence, fitWayWords, guessedWords, pointWords, promisedTitle } from '@/words/fit'
