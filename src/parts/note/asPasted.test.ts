import { asPasted } from './asPasted'
import { beginningOf } from './beginningOf'

it('takes boxes in what is pasted, and leaves its lines as they are', () => {
  expect(asPasted('[ ] one\n[] two\nsee [ ] here\n- [x] three')).toBe(
    '- [ ] one\n- [ ] two\nsee [ ] here\n- [x] three',
  )
})
it('reads the beginning of a long note, in whole paragraphs, and a short one as it is', () => {
  expect(beginningOf('short', 10)).toBe('short')
  expect(beginningOf('one two\n\nthree four\n\nfive six seven', 12)).toBe('one two')
  expect(beginningOf('x'.repeat(40), 10)).toBe('x'.repeat(10))
})
