export { asBlank, blankMark, blanksIn, filled, filledLine, namesIn } from './blanks'
export { readShift, shiftWords } from './countedWords'
export { dateCounted, type IsOff } from './dateCounted'
