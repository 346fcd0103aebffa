// A slip that sounds like a template is offered it, with what is known already.
import type { Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'
import { shortened } from '@/words'

export function TemplateOffer({
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
  const read = useOnDemand()?.templates
  const document = useHeldDocument()
  if (!read) return null
  for (const template of read.templatesOf(document)) {
    const rest = read.soundsLike(title, template.title)
    if (rest === null) continue
    const asked = read.askedBy(document, template)
    const day = asked.find(({ kind }) => kind === 'date')
    const name = asked.find(({ kind }) => kind !== 'date')
    const known = {
      ...(day && date ? { [day.name]: date } : {}),
      ...(name && rest !== '' ? { [name.name]: rest } : {}),
    }
    return (
      <Button
        label={`Use the template “${shortened(template.title)}”`}
        aria-haspopup="dialog"
        onPress={() =>
          desk.getState().openSheet({ kind: 'useTemplate', id: template.id, known, areaId, slipId })
        }
      />
    )
  }
  return null
}
