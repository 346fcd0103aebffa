// The reading of questions about one's own past, out of a plain sentence.
export { questionKinds, usualStillDays } from './question'
export { isAsking, nearQuestions } from './nearQuestions'
export { readPastSpan } from './readPastSpan'
export { readQuestion } from './readQuestion'
