/** Both texts one below the other; an empty one adds nothing. */
export const joinedNotes = (...notes: readonly string[]): string =>
  notes.filter((note) => note.trim() !== '').join('\n\n')
