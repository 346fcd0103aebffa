// Makes the demo data off the screen's thread.
import { answering } from '../state/store/answering'
import { demoFiles } from '../../demo/demoFiles'
import { makeDemoFile } from '../../demo/makeDemoFile'

self.onmessage = answering((asked: { today: string; zone: string; nowEpochMs: number }) =>
  self.postMessage({ text: makeDemoFile(asked), files: demoFiles.map(({ bytes }) => bytes) }),
)
