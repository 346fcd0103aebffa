/** As much of a long note as is read at first: whole paragraphs, up to about so many characters. */
export function beginningOf(note: string, characters: number): string {
  if (note.length <= characters * 1.5) return note
  const end = note.lastIndexOf('\n\n', characters)
  const cut = end > characters / 4 ? end : note.lastIndexOf('\n', characters)
  return note.slice(0, cut > 0 ? cut : characters)
}
