// Where what is opened was said: the note in which a line stands for it.
import type { NoteOwnerId } from '@/core/record'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument, useToday } from '@/held/zen'
import { Press, Words } from '@/ui'
import { kindOfNote, nameOfNote } from '@/words/pages'

export function LineOf({ of }: { of: NoteOwnerId | null }) {
  const document = useHeldDocument()
  const today = useToday()
  const { open } = useOpened()
  const name = of ? nameOfNote(document, of) : ''
  return of && name ? (
    <Press maxWidth="100%" onPress={() => open(of)}>
      <Words size="second" tone="brass" flexShrink={1} minWidth={0} oneLine>
        {`A line of “${name}” (${kindOfNote(document, of, today)})`}
      </Words>
    </Press>
  ) : null
}
