// Files on their way in: their bytes go into the blob port at once, pictures get a small picture, letters become slips.
// Loaded when the first file comes.
import type { Letter, LetterFault } from '@/core/letter'
import type { Person } from '@/core/record'
import { refuse, type Result } from '@/core/result'
import { askWorker } from '@/held/askWorker'
import type { BlobStore, NewFile, NewSlip } from '@/state'
import { brokenLetterWords, letterSlip, leftOutWords, noRoomWords, tooLargeWords } from '@/words/fileImport'

/** Larger than this a file is not kept: it would fill the browser's room in a few days. */
export const fileLimitBytes = 100_000_000
const smallSide = 160
/** Formats that are pictures and nothing else: an SVG may hold a script. */
const pictures = /^image\/(?:png|jpeg|gif|webp|avif|bmp)$/

export interface Imported {
  readonly files: readonly NewFile[]
  readonly letters: readonly NewSlip[]
  /** What could not be imported, a sentence each. */
  readonly problems: readonly string[]
}

/** The small picture of a picture; null for what is none, whatever it calls itself. */
async function smallPicture(file: Blob): Promise<Blob | null> {
  if (!pictures.test(file.type) || typeof createImageBitmap !== 'function') return null
  try {
    const whole = await createImageBitmap(file)
    const scale = Math.min(1, smallSide / Math.max(whole.width, whole.height))
    const [width, height] = [whole.width, whole.height].map((side) => Math.max(1, Math.round(side * scale)))
    const canvas = new OffscreenCanvas(width as number, height as number)
    canvas.getContext('2d')?.drawImage(whole, 0, 0, width as number, height as number)
    whole.close()
    return await canvas.convertToBlob({ type: 'image/webp', quality: 0.8 })
  } catch {
    return null
  }
}

async function keep(blobs: BlobStore, name: string, file: Blob): Promise<NewFile> {
  const small = await smallPicture(file)
  const blob = await blobs.put(file)
  const smallBlob = small ? await blobs.put(small) : null
  return { name: name || 'file', mediaType: file.type.slice(0, 200), bytes: file.size, blob, smallBlob }
}

export const readInWorker = (file: File): Promise<Result<Letter, LetterFault>> =>
  askWorker<Result<Letter, LetterFault>>(
    new Worker(new URL('../../workers/letter.worker', window.location.href)),
    file,
  ).catch(() => refuse({ kind: 'broken' } as const))

const isLetter = ({ name, type }: File): boolean => type === 'message/rfc822' || /\.eml$/i.test(name)

export async function importFiles(
  given: readonly File[],
  blobs: BlobStore,
  people: readonly Person[],
  read: (file: File) => Promise<Result<Letter, LetterFault>> = readInWorker,
): Promise<Imported> {
  const [files, letters, problems]: [NewFile[], NewSlip[], string[]] = [[], [], []]

  /** Null where there is no room; which is said. */
  async function kept(name: string, file: Blob): Promise<NewFile | null> {
    if (file.size > fileLimitBytes) {
      problems.push(tooLargeWords(name, file.size, fileLimitBytes))
      return null
    }
    try {
      return await keep(blobs, name, file)
    } catch {
      problems.push(noRoomWords(name))
      return null
    }
  }

  async function letterIn(file: File): Promise<void> {
    const letter = await read(file)
    if (!letter.ok) {
      problems.push(brokenLetterWords(file.name, letter.error))
      // Nothing is lost: what cannot be read as a letter is a file.
      const whole = letter.error.kind === 'tooLarge' ? null : await kept(file.name, file)
      if (whole) files.push(whole)
      return
    }
    const { files: attached, left } = letter.value
    const enclosed: NewFile[] = []
    for (const { name, bytes, mediaType } of attached) {
      const one = await kept(name, new Blob([bytes as BlobPart], { type: mediaType }))
      if (one) enclosed.push(one)
    }
    // What did not fit into the slip is still in the letter itself.
    const isCut = left.files > 0 || left.isTextCut
    const whole = isCut ? await kept(file.name, file) : null
    if (isCut) problems.push(leftOutWords(file.name, left))
    letters.push({ ...letterSlip(letter.value, people), files: [...enclosed, ...(whole ? [whole] : [])] })
  }

  for (const file of given) {
    if (isLetter(file)) await letterIn(file)
    else {
      const one = await kept(file.name, file)
      if (one) files.push(one)
    }
  }
  return { files, letters, problems }
}
