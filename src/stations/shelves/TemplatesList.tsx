// Templates: what is done again and again, to be made from in one act.
import { useState } from 'react'
import { makings, type Making } from '@/core/record'
import type { OnDemand } from '@/state'
import type { Template } from '@/state/read/isTemplate'
import { ImportTemplate } from '@/parts/project/ImportTemplate'
import { NameLine } from '@/parts/text/NameLine'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { Button, Choice, Column, EmptyPlace, Press, Row, Words } from '@/ui'
import { count } from '@/words'
import { makingWords } from '@/words/templates'

export function TemplatesList() {
  const templates = useOnDemand()?.templates
  return templates ? <Templates read={templates} /> : null
}

function Templates({ read }: { readonly read: OnDemand['templates'] }) {
  const act = useAct()
  const { open } = useOpened()
  const [makes, setMakes] = useState<Making>('project')
  const templates = read.templatesOf(useHeldDocument())
  return (
    <Column gap="$3" paddingTop="$2">
      {templates.length === 0 ? (
        <EmptyPlace says="A template is what you make again and again: a site visit, a quarter’s accounts. Open a project, an action, a checklist or a meeting note and save it as a template, or start one here." />
      ) : null}
      <Column render="ul" aria-label="Templates">
        {templates.map((template) => (
          <TemplateRow key={template.id} template={template} read={read} />
        ))}
      </Column>
      <Choice
        label="A new one makes"
        options={makings.map((value) => ({ value, label: makingWords[value] }))}
        chosen={[makes]}
        onToggle={setMakes}
      />
      <NameLine
        label="New template"
        onMake={(title) => {
          const outcome = act('addTemplate', { title, makes })
          const [made] = outcome.ok ? outcome.value : []
          if (made?.kind === 'added') open(made.record.id as Template['id'])
          return outcome.ok
        }}
      />
      <Row marginLeft="$-2">
        <ImportTemplate onOpen={open} />
      </Row>
    </Column>
  )
}

function TemplateRow({
  template,
  read,
}: {
  readonly template: Template
  readonly read: OnDemand['templates']
}) {
  const document = useHeldDocument()
  const { open } = useOpened()
  const actions = read.actionsOfTemplate(document, template.id).length
  const asked = read.askedBy(document, template).map(({ name }) => name)
  return (
    <Row render="li" gap="$2" borderBottomWidth={1} borderColor="$rule">
      <Press data-row flex={1} minWidth={0} minHeight={62} onPress={() => open(template.id)}>
        <Column flex={1} minWidth={0} paddingVertical="$2">
          <Words className="clamped two">{template.title}</Words>
          <Words size="second" tone="inkSoft">
            {[
              makingWords[template.makes],
              actions > 0 && template.makes === 'project' ? count(actions, 'action') : null,
              asked.length > 0 ? `asks ${asked.join(', ')}` : null,
            ]
              .filter(Boolean)
              .join(' · ')}
          </Words>
        </Column>
      </Press>
      <Button
        label="Use"
        aria-label={`Use ${template.title}`}
        aria-haspopup="dialog"
        onPress={() => desk.getState().openSheet({ kind: 'useTemplate', id: template.id })}
      />
    </Row>
  )
}
