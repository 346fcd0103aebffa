// A slip that sounds like a pattern is offered it, with what is known already.
import type { Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { desk } from '@/held/desk'
import { useLater } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'
import { shortened } from '@/words'

export function PatternOffer({
  slipId,
  title,
  date,
  areaId,
}: {
  readonly slipId: Id<'slip'>
  readonly title: string
  /** A day that was said with it. */
  readonly date: CalendarDate | null
  readonly areaId: Id<'area'> | null
}) {
  const read = useLater()?.patterns
  const document = useHeldDocument()
  if (!read) return null
  for (const pattern of read.patternsOf(document)) {
    const rest = read.soundsLike(title, pattern.title)
    if (rest === null) continue
    const asked = read.askedBy(document, pattern)
    const day = asked.find(({ kind }) => kind === 'date')
    const name = asked.find(({ kind }) => kind !== 'date')
    const known = {
      ...(day && date ? { [day.name]: date } : {}),
      ...(name && rest !== '' ? { [name.name]: rest } : {}),
    }
    return (
      <Button
        label={`Use the template “${shortened(pattern.title)}”`}
        aria-haspopup="dialog"
        onPress={() =>
          desk.getState().openSheet({ kind: 'usePattern', id: pattern.id, known, areaId, slipId })
        }
      />
    )
  }
  return null
}
