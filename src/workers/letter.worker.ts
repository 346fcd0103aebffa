// Reads letters off the screen's thread and hands their files over without copying them.
import { readLetter } from '../core/letter'

self.onmessage = async ({ data }: MessageEvent<File>) => {
  const letter = await readLetter(new Uint8Array(await data.arrayBuffer()))
  const buffers = letter.ok ? letter.value.files.map(({ bytes }) => bytes.buffer as ArrayBuffer) : []
  self.postMessage(letter, { transfer: [...new Set(buffers)] })
}
