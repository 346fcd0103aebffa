// Makes the demo data off the screen's thread.
import { demoFiles } from '../../demo/demoFiles'
import { makeDemoFile } from '../../demo/makeDemoFile'

self.onmessage = ({ data }: MessageEvent<{ today: string; zone: string; nowEpochMs: number }>) =>
  self.postMessage({ text: makeDemoFile(data), files: demoFiles.map(({ bytes }) => bytes) })
