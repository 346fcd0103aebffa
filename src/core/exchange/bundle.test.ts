import fc from 'fast-check'
import { strToU8, zipSync } from 'fflate'
import { blobHashOf, type BlobHash } from '../blob'
import {
  bundleLimitBytes,
  bundleParts,
  isBundle,
  parseBundle,
  templateBundle,
  type BundledBlob,
} from './bundle'

async function bundleOf(text: string, contents: readonly Uint8Array[]): Promise<Uint8Array> {
  const blobs: BundledBlob[] = []
  for (const content of contents) {
    const half = Math.floor(content.length / 2)
    const hash = await blobHashOf([content])
    blobs.push({ hash, portions: [content.slice(0, half), content.slice(half)] })
  }
  const letters = [...text]
  const parts: Uint8Array[] = []
  for await (const part of bundleParts([letters.slice(0, 3).join(''), letters.slice(3).join('')], blobs))
    parts.push(part)
  return Uint8Array.from(parts.flatMap((part) => [...part]))
}
const hashOf = (content: Uint8Array): Promise<BlobHash> => blobHashOf([content])
const faultOf = (bytes: Uint8Array) => {
  const parsed = parseBundle(bytes)
  return parsed.ok ? null : parsed.error
}

it('comes back byte for byte, whatever the files hold', async () => {
  const { seed, numRuns } = { seed: 5, numRuns: 40 }
  await fc.assert(
    fc.asyncProperty(
      fc.string({ unit: 'grapheme' }),
      fc.array(fc.uint8Array({ maxLength: 300 })),
      async (text, contents) => {
        const parsed = parseBundle(await bundleOf(text, contents))
        if (!parsed.ok) throw new Error(JSON.stringify(parsed.error))
        expect(parsed.value.text).toBe(text)
        for (const content of contents) expect(parsed.value.blobs.get(await hashOf(content))).toEqual(content)
      },
    ),
    { seed, numRuns },
  )
})
it('keeps a file that is an archive itself', async () => {
  const inner = await bundleOf('{"inner":true}', [strToU8('deep')])
  const outer = await bundleOf('{}', [inner])
  expect(isBundle(outer)).toBe(true)
  const parsed = parseBundle(outer)
  expect(parsed.ok && parsed.value.blobs.get(await hashOf(inner))).toEqual(inner)
})
it('of a template it is none of a store, and no larger than a template may be', async () => {
  const name = `files/${await hashOf(strToU8('one'))}`
  const ofTemplate = zipSync({ 'template.json': strToU8('{}'), [name]: strToU8('one') })
  expect(faultOf(ofTemplate)).toEqual({ kind: 'foreign' })
  const read = parseBundle(ofTemplate, templateBundle)
  expect(read.ok && [read.value.text, read.value.blobs.size]).toEqual(['{}', 1])
  const earlier = zipSync({ 'pattern.json': strToU8('{}') })
  expect(parseBundle(earlier, templateBundle)).toMatchObject({ value: { text: '{}' } })
  const large = zipSync({ 'template.json': new Uint8Array(templateBundle.textLimitBytes + 1) })
  expect(parseBundle(large, templateBundle)).toMatchObject({ error: { kind: 'tooLarge' } })
})
it('is refused in words where it breaks off, is somebody else’s, or holds what was not saved', async () => {
  const whole = await bundleOf('{}', [strToU8('a drawing')])
  expect(faultOf(whole.slice(0, whole.length - 30))).toEqual({ kind: 'notJson', offset: null })
  expect(faultOf(zipSync({ 'letter.txt': strToU8('dear') }))).toEqual({ kind: 'foreign' })
  const name = `files/${await hashOf(strToU8('one'))}`
  const forged = zipSync({ 'zen-tray.json': strToU8('{}'), [name]: strToU8('two') })
  expect(faultOf(forged)).toMatchObject({ kind: 'shape', why: 'its content is not what was saved' })
})
it('does not unpack more than it may', async () => {
  const name = `files/${await hashOf(strToU8('one'))}`
  const bytes = zipSync({ 'zen-tray.json': strToU8('{}'), [name]: strToU8('one') })
  // The size that the central directory tells, turned into one beyond all bounds.
  const view = new DataView(bytes.buffer)
  const directory = view.getUint32(bytes.length - 6, true)
  const entries = [...bytes.keys()].filter(
    (at) => at >= directory && view.getUint32(Math.min(at, bytes.length - 4), true) === 0x02014b50,
  )
  view.setUint32((entries.at(-1) as number) + 24, bundleLimitBytes + 1, true)
  expect(faultOf(bytes)).toEqual({
    kind: 'tooLarge',
    bytes: bundleLimitBytes + 1,
    limitBytes: bundleLimitBytes,
  })
})
