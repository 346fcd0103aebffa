// A person; or a firm, which has people.
import { flag, kind, line, note, nullable, rank, ref, since, title } from './field'

export const person = kind(
  {
    name: title(),
    note: note(),
    rank,
    /** What they do: "tile maker". */
    role: since(18, line({ isSearched: true })),
    isFirm: since(18, flag),
    /** The firm they belong to. */
    firmId: since(18, nullable(ref(['person'], 'clear'))),
    /** On the board of those one is responsible for. */
    onBoard: since(18, flag),
  },
  { opens: true },
)
