// The open check-box lines of 5,000 notes: the first list, and the list after one edit; beside reading every note as a
// page with the Markdown library, as it would have to be without our own looking through.
import { emptyDocument, recordIn, withChange, type Change, type Diff } from '../../src/core/journal'
import { pageOf } from '../../src/core/note/pageOf'
import type { Id, Note } from '../../src/core/record'
import { calendarDateUnsafe } from '../../src/core/time'
import { countOfLines, notesWithLines } from '../../src/state/read/noteLines'

const today = calendarDateUnsafe('2026-03-11')
const noteOf = (index: number): Note => ({
  id: `note:n${index}`,
  title: `talk ${index}`,
  note: `## Talk ${index}\n\n${'What was said, and who said it, in a line or two of the usual length.\n'.repeat(6)}\n${
    index % 5 === 0 ? '```\n- [ ] not one\n```\n' : ''
  }- [ ] to do about ${index}\n- [x] done about ${index}\n- [ ] another thing to do <!-- action:a${index} -->\n`,
  date: today,
  personIds: [],
  projectId: null,
  areaId: null,
  createdAtEpochMs: 1_773_000_000_000 + index,
  letGoAtEpochMs: null,
})
const changeOf = (stamp: string, diff: Diff): Change => ({ stamp, act: 'writeNote', diff }) as Change

export function noteLineFigures(): [string, string, string][] {
  // As they come from where they are kept.
  const notes = JSON.parse(
    JSON.stringify(Array.from({ length: 5000 }, (_, index) => noteOf(index))),
  ) as Note[]
  const added = notes.map((record) => ({ kind: 'added', record }) as const)
  let document = withChange(emptyDocument, changeOf('0mmlt6000.0001.bench', added))
  const timed = (work: () => void): number => {
    const before = performance.now()
    work()
    return performance.now() - before
  }
  const first = timed(() => void notesWithLines(document))
  if (countOfLines(document) !== 10_000) throw new Error('The lines were not found.')
  const edits = Array.from({ length: 50 }, (_, edit) => {
    const id: Id<'note'> = `note:n${edit * 97}`
    const note = recordIn(document, id)?.note ?? ''
    const fields = { note: [note, `${note}- [ ] one more\n`] } as const
    const stamp = `0mmlt6000.${String(edit + 2).padStart(4, '0')}.bench`
    document = withChange(document, changeOf(stamp, [{ kind: 'updated', id, fields }]))
    return timed(() => void notesWithLines(document))
  }).sort((a, b) => a - b)
  if (countOfLines(document) !== 10_050) throw new Error('The edits were not followed.')
  const pages = timed(() => notes.forEach(({ note }) => pageOf(note)))
  const ms = (value: number) => `${value.toFixed(1)} ms`
  return [
    [
      'open check-box lines of 5,000 notes, first list',
      `${ms(first)}, ${(first / pages).toFixed(2)} × reading each as a page`,
      '100 ms',
    ],
    ['the same list after one edit, 95th percentile', ms(edits[47] as number), '5 ms'],
  ]
}
