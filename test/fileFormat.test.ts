// docs/file-format.md says the fields as the registry has them.
import { readFileSync } from 'node:fs'
import { withFields } from '../scripts/fileFormat'

it('the page has every field of every kind as it is; npm run file-format writes it', () => {
  const page = readFileSync('docs/file-format.md', 'utf8')
  expect(page).toBe(withFields(page))
  expect(page).toMatch(/### action\n\n- `title`: text of at most 2000 characters/)
})
