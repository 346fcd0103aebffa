// Beginning a talk with somebody: their meeting note of today is opened, or one is made.
import type { Id, Person } from '@/core/record'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useToday, useZen } from '@/held/zen'

export function useMeetingNote(): (person: Person) => void {
  const act = useAct()
  const today = useToday()
  const { store } = useZen()
  const notes = useOnDemand()?.notes
  const { open } = useOpened()
  return ({ id, name }) => {
    const { document } = store.api.getState()
    const ofToday = notes?.meetingNotesWith(document, id).find(({ date }) => date === today)
    if (ofToday) return open(ofToday.id)
    const made = act('addMeetingNote', { title: `Talk with ${name}`, personIds: [id] }, { say: false })
    const part = made.ok ? made.value[0] : undefined
    if (part?.kind === 'added') open(part.record.id as Id<'note'>)
  }
}
