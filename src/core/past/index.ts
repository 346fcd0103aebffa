// Questions about one's own past, out of a plain sentence.
export { isAsking, nearQuestions } from './nearQuestions'
export { readPastSpan } from './readPastSpan'
export { readQuestion } from './readQuestion'
