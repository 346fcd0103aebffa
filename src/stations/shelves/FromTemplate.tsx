// A project, an action or a meeting note made from a template, onto the area it is asked for at.
import { useState } from 'react'
import type { Id } from '@/core/record'
import { OpenedNameChooser } from '@/parts/choosers/useChooser'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'

export function FromTemplate({ areaId, name }: { readonly areaId: Id<'area'>; readonly name: string }) {
  const read = useOnDemand()?.templates
  const document = useHeldDocument()
  const templates = read?.templatesOf(document) ?? []
  const [isAsking, setAsking] = useState(false)
  if (templates.length === 0) return null
  return (
    <>
      <Button
        kind="quiet"
        label="From a template"
        aria-label={`New in ${name} from a template`}
        aria-haspopup="dialog"
        onPress={() => setAsking(true)}
      />
      {isAsking ? (
        <OpenedNameChooser
          title="From which template?"
          options={templates.map(({ id, title }) => ({ id, name: title }))}
          makes={[]}
          onChoose={(id) =>
            desk.getState().openSheet({ kind: 'useTemplate', id: id as Id<'project'>, areaId })
          }
          onClose={() => setAsking(false)}
        />
      ) : null}
    </>
  )
}
