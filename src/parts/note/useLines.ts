// The check-box lines of a note: ticked where they stand, and made into actions with what they say of themselves.
import { useMemo } from 'react'
import { isIdOf, type NoteOwnerId } from '@/core/record'
import type { CheckLine } from '@/core/note'
import type { OnDemand } from '@/state'
import { useReader } from '@/held/reader'
import { useAct, useToday, useZen } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { count, shortened } from '@/words'

export interface Lines {
  /** All of them, in the order they stand in. */
  readonly all: readonly CheckLine[]
  readonly open: readonly CheckLine[]
  readonly tick: (line: CheckLine) => void
  /** What making something of a line does: "Make an action of", "Raise with Oda". */
  readonly verbOf: (line: CheckLine) => string
  readonly make: (lines: readonly CheckLine[]) => void
  readonly lift: (lines: readonly CheckLine[]) => void
}

export function useLines(of: NoteOwnerId, notes: OnDemand['notes'], text: string): Lines {
  const act = useAct()
  const reader = useReader()
  const { store } = useZen()
  const today = useToday()
  const context = useSentenceContext()
  return useMemo(() => {
    const all = notes.checkLinesOf(text)
    const tick = (line: CheckLine) => {
      const { document } = store.api.getState()
      const tied = line.tie === null ? undefined : notes.recordTied(document, line.tie)
      if (tied && isIdOf('action', tied.id)) {
        act(line.isDone ? 'untick' : 'tick', { id: tied.id })
        return
      }
      const note = notes.withCheckLines(notes.noteIn(document, of), (other) =>
        other.at === line.at && other.written === line.written ? { isDone: !line.isDone } : null,
      )
      const done = line.isDone ? 'Reopened' : 'Done'
      act('writeNote', { id: of, note }, { say: `${done}: ${shortened(notes.plainOf(line.written))}` })
    }
    const topicOf = ({ written }: CheckLine) => {
      const said = reader.people?.readSaidOfPeople(notes.plainOf(written), context.names) ?? null
      return said?.kind === 'topic' ? said : null
    }
    const whoseOf = (topic: NonNullable<ReturnType<typeof topicOf>>) =>
      topic.whom.map(({ name }) => name).join(' and ')
    const verbOf = (line: CheckLine) => {
      const topic = topicOf(line)
      return topic ? `Raise with ${whoseOf(topic)}` : 'Make an action of'
    }
    const make = (lines: readonly CheckLine[]) => {
      const [only] = lines
      const topic = only && lines.length === 1 ? topicOf(only) : null
      if (only && topic) {
        const line = { of, at: only.at, written: only.written }
        const aboutId = isIdOf('person', of) ? null : of
        const say = `To raise with ${whoseOf(topic)}: ${shortened(topic.text)}`
        act('addTopic', { whom: topic.whom, text: topic.text, aboutId, line }, { say })
        return
      }
      const taken = lines.map(({ at, written }) => {
        const { title: words, rest } = notes.titleAndRest(notes.plainOf(written))
        const sentence = reader.parseSentence(words, { ...context, takenOff: [] })
        const of = reader.becoming('action', words, sentence, reader.draftOf(sentence, today), today)
        const note = [rest, of.left].filter((text) => text !== '').join('\n\n')
        return { at, written, fields: { ...of.fields, note } }
      })
      const [first] = taken
      const said =
        taken.length === 1 && first
          ? `Made an action: ${shortened(first.fields.title)}`
          : `Made ${count(taken.length, 'action')}`
      act('makeActionsOfLines', { id: of, lines: taken }, { say: said })
    }
    const lift = (lines: readonly CheckLine[]) =>
      act(
        'liftLines',
        { id: of, lines: lines.map(({ at, written }) => ({ at, written })) },
        { say: `${count(lines.length, 'line')} lifted into the Tray` },
      )
    return { all, open: all.filter(({ isDone }) => !isDone), tick, verbOf, make, lift }
  }, [act, context, notes, of, reader, store, text, today])
}
