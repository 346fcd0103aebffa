// Whether it all fits, behind one door.
export { FitPage } from './FitPage'
export { FitsByThen } from './FitsByThen'
export { FitsFrom } from './FitsFrom'
export { FitSentence } from './FitSentence'
