// Reads letters off the screen's thread and hands their files over without copying them.
import { answering } from '../state/store/answering'
import { readLetter } from '../core/letter'

self.onmessage = answering(async (file: File) => {
  const letter = await readLetter(new Uint8Array(await file.arrayBuffer()))
  const buffers = letter.ok ? letter.value.files.map(({ bytes }) => bytes.buffer as ArrayBuffer) : []
  self.postMessage(letter, { transfer: [...new Set(buffers)] })
})
