// The files of the demo, made here: a drawing of a stairwell, a photograph that is none, and the forms of a letter.
import { makeBlobHasher } from '@/core/blob'
import type { NewFile } from '@/state'

export interface DemoFile {
  readonly file: NewFile
  readonly bytes: Uint8Array<ArrayBuffer>
}

type Colour = readonly [red: number, green: number, blue: number]

/** A picture as BMP, 24 bits a point, from the bottom up. */
function bitmap(
  width: number,
  height: number,
  at: (x: number, y: number) => Colour,
): Uint8Array<ArrayBuffer> {
  const row = Math.ceil((width * 3) / 4) * 4
  const bytes = new Uint8Array(54 + row * height)
  const view = new DataView(bytes.buffer)
  bytes.set([0x42, 0x4d])
  view.setUint32(2, bytes.length, true)
  view.setUint32(10, 54, true)
  view.setUint32(14, 40, true)
  view.setInt32(18, width, true)
  view.setInt32(22, height, true)
  view.setUint16(26, 1, true)
  view.setUint16(28, 24, true)
  view.setUint32(34, row * height, true)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [red, green, blue] = at(x, height - 1 - y)
      bytes.set([blue, green, red], 54 + y * row + x * 3)
    }
  return bytes
}

/** Steps going up, and the waves that ring between them. */
function stairwell(x: number, y: number): Colour {
  const step = 96 - Math.floor(x / 16) * 12
  if (y >= step) return [110, 98, 80]
  if (y >= step - 3) return [70, 60, 46]
  const wave = Math.sin(Math.hypot(x - 20, y - 84) / 4)
  return wave > 0.86 ? [138, 90, 18] : [248, 244, 234]
}

function fileOf(name: string, mediaType: string, bytes: Uint8Array<ArrayBuffer>): DemoFile {
  const hasher = makeBlobHasher()
  hasher.take(bytes)
  const blob = hasher.hash()
  // Small enough to be its own small picture.
  const smallBlob = mediaType.startsWith('image/') ? blob : null
  return { file: { name, mediaType, bytes: bytes.length, blob, smallBlob }, bytes }
}

const text = (name: string, words: string) =>
  fileOf(name, 'text/plain', new TextEncoder().encode(words) as Uint8Array<ArrayBuffer>)

export const stairwellPicture = fileOf('stairwell.bmp', 'image/bmp', bitmap(128, 96, stairwell))
export const countyForms: readonly DemoFile[] = [
  text(
    'form 12.txt',
    'Form 12. Notice of works that change the sound of a public room.\n\nRoom:\nWorks:\nFrom:\n',
  ),
  text('notes on form 12.txt', 'Two copies, one signed. Allow three weeks.\n'),
]
export const hatchTable = text(
  'hatch measured.txt',
  'Hatch, kitchen side to canteen side, 11:30\n\nshut 18 dB\nopen 4 dB\nfoil over the gap 22 dB\n',
)
export const demoFiles: readonly DemoFile[] = [stairwellPicture, ...countyForms, hatchTable]
