import { AppError } from '@/state/persistence'
import { makeMemoryBlobs } from '@/state/persistence/blobs/memoryBlobs'
import type { Letter } from '@/core/letter'
import { fileLimitBytes, importFiles } from './importFiles'

const file = (name: string, text: string, type = 'text/plain') => new File([text], name, { type })
const oda = {
  id: 'person:oda',
  name: 'Oda',
  note: '',
  rank: 'a0',
  role: '',
  isFirm: false,
  firmId: null,
  onBoard: false,
} as const
const letter = (more: Partial<Letter> = {}): Letter => ({
  subject: 'ring me by friday',
  from: { name: 'oda', address: 'oda@example.org' },
  sentAtEpochMs: null,
  text: 'The arch is late.',
  files: [{ name: 'plan.pdf', mediaType: 'application/pdf', bytes: new Uint8Array([1, 2, 3]) }],
  left: { files: 0, isTextCut: false },
  ...more,
})
const reading = (found: Letter) => async () => ({ ok: true, value: found }) as const
const broken = async () => ({ ok: false, error: { kind: 'broken' } }) as const
const textIn = async (blobs: ReturnType<typeof makeMemoryBlobs>, hash: `sha256-${string}`) =>
  (await blobs.get(hash))?.bytes.text()

it('keeps files under their hash, the same bytes once', async () => {
  const blobs = makeMemoryBlobs()
  const { files, problems } = await importFiles([file('a.txt', 'hello'), file('b.txt', 'hello')], blobs, [])
  expect(files.map(({ name, bytes, smallBlob }) => [name, bytes, smallBlob])).toEqual([
    ['a.txt', 5, null],
    ['b.txt', 5, null],
  ])
  expect(files[0]?.blob).toBe(files[1]?.blob)
  expect(await textIn(blobs, files[0]?.blob as never)).toBe('hello')
  expect([(await blobs.sizes()).size, problems]).toEqual([1, []])
})
it('says what is too large before anything is read of it', async () => {
  const huge = file('film.mov', '')
  Object.defineProperty(huge, 'size', { value: 2 * fileLimitBytes })
  Object.defineProperty(huge, 'arrayBuffer', { value: () => Promise.reject(new Error('read')) })
  const taken = await importFiles([huge, file('a.txt', 'hello')], makeMemoryBlobs(), [])
  expect(taken.problems).toEqual([
    '“film.mov” is 200 MB; the most is 100 MB. Add a smaller one, or a link to it.',
  ])
  expect(taken.files).toHaveLength(1)
})
it('says where there is no room, and takes in what fits', async () => {
  const blobs = makeMemoryBlobs()
  const full = {
    ...blobs,
    put: (bytes: Blob) =>
      bytes.size > 5 ? Promise.reject(new AppError('storageFull', null)) : blobs.put(bytes),
  }
  const taken = await importFiles([file('large.txt', 'hello there'), file('a.txt', 'hello')], full, [])
  expect(taken.problems).toEqual([expect.stringContaining('no room for “large.txt”')])
  expect(taken.files.map(({ name }) => name)).toEqual(['a.txt'])
})
it('makes a letter a slip: its subject, its text, its sender where known, its files', async () => {
  const blobs = makeMemoryBlobs()
  const taken = await importFiles([file('letter.eml', '')], blobs, [oda], reading(letter()))
  expect(taken.letters).toMatchObject([
    {
      text: 'ring me by friday',
      note: 'From oda <oda@example.org>\n\nThe arch is late.',
      personIds: ['person:oda'],
      files: [{ name: 'plan.pdf', bytes: 3 }],
    },
  ])
  expect(taken.files).toEqual([])
})
it('keeps a letter whole beside its slip where its text was cut', async () => {
  const cut = letter({ left: { files: 0, isTextCut: true } })
  const taken = await importFiles([file('letter.eml', 'whole')], makeMemoryBlobs(), [oda], reading(cut))
  expect(taken.letters[0]?.files?.map(({ name }) => name)).toEqual(['plan.pdf', 'letter.eml'])
  expect(taken.problems).toHaveLength(1)
})
it.each([
  [{ subject: '' }, 'The arch is late.'],
  [{ subject: '', text: '' }, 'E-mail from oda'],
  [{ subject: '', text: '', from: null }, 'E-mail'],
])('names a letter without a subject by what it has: %j', async (more, text) => {
  const taken = await importFiles([file('l.eml', '')], makeMemoryBlobs(), [], reading(letter(more)))
  expect(taken.letters).toMatchObject([{ text }])
})
it('keeps a letter that cannot be read as a file, and one that holds too much whole beside its slip', async () => {
  const unread = await importFiles([file('l.eml', 'x')], makeMemoryBlobs(), [], broken)
  expect([unread.files.map(({ name }) => name), unread.letters]).toEqual([['l.eml'], []])
  expect(unread.problems[0]).toContain('I can’t read')
  const cut = letter({ left: { files: 3, isTextCut: true } })
  const taken = await importFiles([file('l.eml', 'x')], makeMemoryBlobs(), [], reading(cut))
  expect(taken.letters[0]?.files?.map(({ name }) => name)).toEqual(['plan.pdf', 'l.eml'])
  expect(taken.problems[0]).toContain('3 files and the end of its text')
})
