// Whether it all fits, with how that is said, behind one door.
export { brokenBy, fitIn, fitsFrom, fitWaysIn } from '@/state/read/fit'
export { usualMinutes } from '@/state/read/usualMinutes'
export { breaksWords, fitSentence, fitWayWords, guessedWords, pointWords, promisedTitle } from '@/words/fit'
