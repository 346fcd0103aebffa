import { readHours } from './readHours'

const said = (text: string) =>
  readHours(text)
    ?.map(({ from, to }) => `${from}-${to}`)
    .join(' ')

it.each([
  ['9 to 5', '540-1020'],
  ['9-17', '540-1020'],
  ['8:30–12:15, 13 until 18', '510-735 780-1080'],
  ['9am-1pm and 2 pm - 6 pm', '540-780 840-1080'],
  ['8.00 to noon', '480-720'],
  ['18:00-24:00', '1080-1440'],
  ['6 pm to midnight', '1080-1440'],
  // Out of order, and over one another.
  ['13-18; 9-12', '540-720 780-1080'],
  ['9-13, 12-14', '540-840'],
  ['11 to 1', '660-780'],
])('“%s” is %s', (text, hours) => expect(said(text)).toBe(hours))
it.each(['off', '', ' OFF ', '–', 'none'])('“%s” is no hours at all', (text) =>
  expect(readHours(text)).toEqual([]),
)
it.each([
  '9',
  '9 to',
  '17:00-09:00',
  '18:00 to 18:00',
  '9 to 25',
  '9:75-10',
  '9-10-11',
  'all day',
  '9-12,',
  '22-2am',
])('“%s” cannot be read', (text) => expect(readHours(text)).toBeNull())
