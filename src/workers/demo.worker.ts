// Makes the demo data off the screen's thread.
import { makeDemoFile } from '../../demo/makeDemoFile'

self.onmessage = ({ data }: MessageEvent<{ today: string; zone: string; nowEpochMs: number }>) =>
  self.postMessage(makeDemoFile(data))
