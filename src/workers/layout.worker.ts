// Lays out a day, off the screen's thread.
import { layOut, type LayoutAsked } from '../core/layout'
import { answering } from '../state/store/answering'

self.onmessage = answering((asked: LayoutAsked) => self.postMessage(layOut(asked)))
