// One thing set down, not yet decided.
import { epochMs, kind, note, nullable, ref, setOf, text, title } from './field'
import { noteOwners } from './owners'

export const slip = kind(
  {
    /** What was typed, word for word. */
    text: title(),
    /** Clauses the person took off, as `kind words`; their words stay in the title. */
    takenOff: setOf(text(Infinity)),
    /** What came with it and is longer than a line: the rest of a pasted thought, the text of a letter. */
    note: note(),
    /** Who it came from, where that is somebody known. */
    personIds: setOf(ref(['person'], 'clear')),
    setDownAtEpochMs: epochMs,
    /** In whose note a check-box line stands for it. */
    lineOf: nullable(ref(noteOwners, 'clear')),
    /** Taken off the tray undecided. */
    letGoAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
