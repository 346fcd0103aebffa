// Times that were offered to somebody and are held until they answer; each of them is a heldTime.
import { epochMs, kind, line, minutes, nullable, ref, since, title } from './field'

export const offer = kind({
  /** For whom, or what for. */
  title: title(),
  minutes,
  personId: nullable(ref(['person'], 'clear')),
  /** The IANA zone they were written in for the other; null in one's own. */
  zone: since(16, nullable(line())),
  madeAtEpochMs: epochMs,
})
