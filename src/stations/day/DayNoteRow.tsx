// The way to the day note: what it begins with, in one line.
import { plainWords } from '@/core/note/plainWords'
import { useLater } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useHeld, useToday } from '@/held/zen'
import { Icon, Press, Words } from '@/ui'

export function DayNoteRow() {
  const today = useToday()
  const notes = useLater()?.notes
  const { open } = useOpened()
  const id = `note:day-${today}` as const
  const said = useHeld(({ document }) => (notes ? plainWords(notes.noteIn(document, id)) : ''))
  return (
    <Press
      onPress={() => open(id)}
      gap="$2.5"
      minHeight={48}
      borderBottomWidth={1}
      borderColor="$rule"
      maxWidth="100%"
    >
      <Icon name="pen" tone="inkSoft" />
      <Words flexShrink={0}>Day note</Words>
      <Words size="second" tone="inkSoft" flex={1} minWidth={0} oneLine>
        {said}
      </Words>
      <Icon name="next" tone="inkSoft" />
    </Press>
  )
}
