// What can't be answered is known as a question, and what is offered in its place can be.
import fc from 'fast-check'
import { calendarDateUnsafe } from '../time'
import { isAsking, nearQuestions, readQuestion } from '.'

const calendar = { today: calendarDateUnsafe('2026-03-11'), weekStartsOn: 0 }
const isName = (word: string) => ['Oda', 'Fenwick'].includes(word)

it.each([
  ['Will Oda ever pay the invoice?', 'What did I do for Oda?'],
  ['when will Per ring the tile maker', 'When did I last Per ring tile maker?'],
  ['How much does Fenwick owe me', 'How much time did I spend on Fenwick?'],
  ['who has the key', 'Who am I waiting for?'],
  ['which of these is it?', 'Which projects have I not touched for six weeks?'],
  ['where did I put the scraper', 'What did I do this month?'],
])('%s', (text, nearest) => {
  expect(isAsking(text)).toBe(true)
  expect(nearQuestions(text, isName)[0]).toBe(nearest)
})
it.each(['oda invoice', 'what', 'when is', '', '   ', 'the long way round'])('asks nothing: %s', (text) =>
  expect(isAsking(text)).toBe(false),
)
it('what is offered can be asked, whatever was typed', () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.oneof(
          fc.constantFrom(
            'when',
            'how',
            'who',
            'which',
            'what',
            'why',
            'did',
            'I',
            'Oda',
            'the',
            'last',
            'take',
            '?',
          ),
          fc.string({ maxLength: 12, unit: 'grapheme' }),
        ),
        { maxLength: 9 },
      ),
      (words) => {
        for (const question of nearQuestions(words.join(' '), isName))
          expect([question, readQuestion(question, calendar)]).toEqual([question, expect.anything()])
      },
    ),
    { numRuns: 400, seed: 24 },
  ))
