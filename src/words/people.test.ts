import { calendarDateUnsafe } from '@/core/time'
import { plainAction } from '@/core/testing/plainAction'
import { chaseText, factWords, factWritten, handOverText, initialsOf, roleWords, talkWords } from './people'

const today = calendarDateUnsafe('2026-03-11')

it.each([
  ['Oda Marsh', 'OM'],
  ['Per', 'Pe'],
  ['anna-lena von Holt', 'AH'],
  ['X', 'X'],
  ['李 小龍', '李小'],
  ['…', ''],
])('%s is marked %s', (name, letters) => expect(initialsOf(name)).toBe(letters))

it.each([
  ['--05-03', '3 May · in 8 weeks', '3 May'],
  ['1980-05-03', '3 May 1980 · 46 in 8 weeks', '3 May 1980'],
  ['--03-11', '11 Mar · today', '11 Mar'],
  ['--03-12', '12 Mar · tomorrow', '12 Mar'],
  ['--02-29', '29 Feb · in 12 months', '29 Feb'],
  ['2026-12-01', '1 Dec 2026 · in 9 months', '1 Dec 2026'],
  ['in spring', 'in spring', 'in spring'],
])('the date %s reads “%s”, and is written “%s”', (value, read, written) => {
  expect(factWords({ type: 'date', value }, today)).toBe(read)
  expect(factWritten({ type: 'date', value }, today)).toBe(written)
})

it.each([
  ['tile maker', false, 'Marsh & Daughters', 'tile maker, Marsh & Daughters'],
  ['', false, 'Marsh & Daughters', 'Marsh & Daughters'],
  ['', true, null, 'Firm'],
  ['', false, null, ''],
])('“%s” (firm: %s) of %s is “%s”', (role, isFirm, firm, said) => {
  expect(roleWords({ role, isFirm }, firm)).toBe(said)
})

it.each([
  [null, null, 'no talk yet'],
  ['2026-03-02', null, 'last talk Mon 2 Mar'],
  ['2026-03-10', '2026-03-13', 'last talk yesterday, next Fri 13 Mar'],
  [null, '2026-03-11', 'no talk yet, next today'],
])('talked on %s and next on %s: “%s”', (last, next, said) => {
  expect(talkWords(last as never, next as never, today)).toBe(said)
})

it('what is asked for and what is handed over reads as one would write it', () => {
  const waiting = {
    personId: null,
    whom: 'Oda',
    since: '2026-03-07' as never,
    chaseOn: null,
    how: '',
    toSignOff: false,
  }
  const quote = { ...plainAction, title: 'Waiting for Oda’s quote', waiting }
  const said = { ...plainAction, title: "waiting for Oda's colour cards", waiting }
  const slides = {
    ...plainAction,
    title: 'The slides',
    waiting,
    note: 'As a PDF.',
    due: { date: '2026-03-13' as never, time: null },
  }
  expect(chaseText('Oda Marsh', [quote, said, slides], today)).toBe(
    [
      'Hello Oda,',
      '',
      'I’m still waiting for these:',
      '- Quote (since Sat 7 Mar)',
      '- Colour cards (since Sat 7 Mar)',
      '- The slides (since Sat 7 Mar)',
      '',
      'Could you tell me when I can expect them?',
      '',
    ].join('\n'),
  )
  expect(handOverText('Oda Marsh', [slides], today)).toBe(
    'Hello Oda,\n\nCould you take this on?\n- The slides, by Fri 13 Mar\nAs a PDF.\n\nTell me if anything is missing. Thank you.\n',
  )
})
