import { makeNameIndex, type Name } from '.'
import { parseSentence } from './reader'
import { knownNames, saidOn } from '../testing/sentences'
import { inShort } from '../testing/inShort'
it('x', () => {
  const names = knownNames
  const said = require('fs').readFileSync('/tmp/said.txt', 'utf8').trim().split('\n')
  for (const s of said) {
    const r = parseSentence(s, { today: saidOn, minute: 600, names, takenOff: [] })
    console.info(
      `${s}  →  ${r.title}  |  ${r.clauses.map((c) => inShort(c) + (c.guess ? '?' : '')).join(' · ')}`,
    )
  }
})
