// A person; or a firm, which has people.
import { flag, kind, line, note, nullable, rank, ref, since, title } from './field'

export const person = kind(
  {
    name: title(),
    note: note(),
    rank,
    /** What they do: "tile maker". */
    role: since(17, line({ isSearched: true })),
    isFirm: since(17, flag),
    /** The firm they belong to. */
    firmId: since(17, nullable(ref(['person'], 'clear'))),
  },
  { opens: true },
)
