// Draws when projects will be over, off the screen's thread.
import { answering } from '../state/store/answering'
import { checksumOf } from '../core/checksum'
import { finishRange, type FinishAsked } from '../core/pace'
import { makeRandom } from '../core/random'
import type { CalendarDate } from '../core/time'

/** The same for the same question: what is told does not flicker between two looks. */
const randomFor = (asked: FinishAsked, today: CalendarDate) =>
  makeRandom(parseInt(checksumOf(JSON.stringify([asked, today])), 36))

self.onmessage = answering(
  ({ turn, today, asked }: { turn: number; today: CalendarDate; asked: FinishAsked[] }) =>
    self.postMessage({
      turn,
      ranges: asked.map((each) => [each.key, finishRange(each, today, randomFor(each, today))]),
    }),
)
