// Doing one of the ways out: one act, one undo. Handing over asks to whom first.
import { recordIn } from '@/core/journal'
import type { MendingWay } from '@/core/fit'
import { isIdOf, type Id } from '@/core/record'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { select } from '@/state'
import { fitWayWords } from '@/words/fit'

export function useMend(): (way: Exclude<MendingWay, { kind: 'handOver' }>) => void {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  return (way) => {
    const say = { say: fitWayWords(way, document, today).does }
    switch (way.kind) {
      case 'moveCoulds': {
        const edits = way.ids.map((id) => ({ id, patch: { due: { date: way.to, time: null } } }))
        return void act('editActions', { edits }, say)
      }
      case 'shorten':
        return void act('editAction', { id: way.id, patch: { minutes: way.minutes } }, say)
      case 'addMinutes': {
        const minutes = select.availableMinutesOn(document, way.date, 'work') + way.minutes
        return void act('setDayAvailable', { date: way.date, minutes }, say)
      }
      case 'moveDue': {
        if (isIdOf('project', way.id))
          return void act('editProject', { id: way.id, patch: { due: way.to } }, say)
        const id = way.id as Id<'action'>
        const time = recordIn(document, id)?.due?.time ?? null
        return void act('editAction', { id, patch: { due: { date: way.to, time } } }, say)
      }
    }
  }
}
