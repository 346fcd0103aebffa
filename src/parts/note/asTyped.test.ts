import { asPasted, asTyped } from './asTyped'
import { beginningOf } from './beginningOf'

it('makes of keys that came before the editor what the editor would have made of them', () => {
  expect(asTyped('one\ntwo')).toBe('one\n\ntwo')
  expect(asTyped('[ ] ring Kofi\nbuy felt\n\nlast words')).toBe(
    '- [ ] ring Kofi\n- [ ] buy felt\n\nlast words',
  )
  expect(asTyped('so:\n[x] done\n')).toBe('so:\n\n- [x] done')
  expect(asTyped('see [ ] here')).toBe('see [ ] here')
})
it('takes boxes in what is pasted, and leaves its lines as they are', () => {
  expect(asPasted('[ ] one\n[] two\nwords\n- [x] three')).toBe('- [ ] one\n- [ ] two\nwords\n- [x] three')
})
it('reads the beginning of a long note, in whole paragraphs, and a short one as it is', () => {
  expect(beginningOf('short', 10)).toBe('short')
  expect(beginningOf('one two\n\nthree four\n\nfive six seven', 12)).toBe('one two')
  expect(beginningOf('x'.repeat(40), 10)).toBe('x'.repeat(10))
})
