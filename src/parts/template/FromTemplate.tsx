// What is made from a template: onto the area it is asked for at, or for a week or a month, whose first day its dates
// are then counted from.
import { useState } from 'react'
import type { Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { OpenedNameChooser } from '@/parts/choosers/useChooser'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'

interface FromTemplateProps {
  readonly label: string
  /** For the ear, where the label alone does not say where it is. */
  readonly named?: string
  readonly areaId?: Id<'area'>
  /** The day that is known already: the first date that the template asks for. */
  readonly day?: CalendarDate
}

export function FromTemplate({ label, named, areaId, day }: FromTemplateProps) {
  const read = useOnDemand()?.templates
  const document = useHeldDocument()
  const templates = read?.templatesOf(document) ?? []
  const [isAsking, setAsking] = useState(false)
  if (!read || templates.length === 0) return null
  const use = (id: Id<'project'>) => {
    const template = templates.find((each) => each.id === id)
    const date = template && read.askedBy(document, template).find(({ kind }) => kind === 'date')
    desk.getState().openSheet({
      kind: 'useTemplate',
      id,
      ...(areaId === undefined ? {} : { areaId }),
      ...(date && day ? { known: { [date.name]: day } } : {}),
    })
  }
  return (
    <>
      <Button
        kind="quiet"
        label={label}
        {...(named === undefined ? {} : { 'aria-label': named })}
        aria-haspopup="dialog"
        onPress={() => setAsking(true)}
      />
      {isAsking ? (
        <OpenedNameChooser
          title="From which template?"
          options={templates.map(({ id, title }) => ({ id, name: title }))}
          makes={[]}
          onChoose={(id) => use(id as Id<'project'>)}
          onClose={() => setAsking(false)}
        />
      ) : null}
    </>
  )
}
