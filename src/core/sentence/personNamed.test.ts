import { personNamed } from './personNamed'

it.each([
  ['Anna', 'Anna'],
  ['Mr Abel', 'Mr Abel'],
  ['Anna’s quote', 'Anna'],
  ["Jean-Luc Marchand's letter", 'Jean-Luc Marchand'],
  ['Zoë', 'Zoë'],
  ['the printer’s proofs', null],
  ['The printer', null],
  ['the permit', null],
  ['an answer from Anna', null],
  ['Monday', null],
  ['', null],
])('whom one waits for in “%s” is %s', (whom, name) => expect(personNamed(whom)).toBe(name))
