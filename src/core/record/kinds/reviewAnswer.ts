// What was answered to one question in one review; the question stands with it as it was asked.
import { kind, note, ref, text } from './field'

export const reviewAnswer = kind({
  reviewId: ref(['review'], 'delete'),
  stone: text(160),
  question: text(5000),
  answer: note(),
})
