// The way to the day note, in the head of the Day.
import { plainWords } from '@/core/note/plainWords'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useHeld, useToday } from '@/held/zen'
import { IconButton } from '@/ui'
import { shortened } from '@/words'

export function DayNoteButton() {
  const today = useToday()
  const notes = useOnDemand()?.notes
  const { open } = useOpened()
  const id = `note:day-${today}` as const
  const said = useHeld(({ document }) => (notes ? plainWords(notes.noteIn(document, id)) : ''))
  return (
    <IconButton
      label={said === '' ? 'Day note' : `Day note: ${shortened(said)}`}
      icon="note"
      tone={said === '' ? 'inkSoft' : 'brass'}
      onPress={() => open(id)}
    />
  )
}
