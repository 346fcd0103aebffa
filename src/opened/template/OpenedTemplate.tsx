// A template opened: it reads and is edited like what it makes, with what it asks, and at the foot the way to use it.
import { roomForActs } from '../roomForActs'
import type { Action, Project } from '@/core/record'
import type { OnDemand } from '@/state'
import { owned } from '@/state'
import { isTemplate, type Template } from '@/state/read/isTemplate'
import { partsOfProject } from '@/state/read/projectParts'
import { NamedRow } from '@/parts/rows/NamedRow'
import { recordIn } from '@/core/journal'
import { NoteBand } from '@/parts/note/NoteBand'
import { EditText } from '@/parts/text/EditText'
import { Outcome } from '@/parts/project/Outcome'
import { NameLine } from '@/parts/text/NameLine'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { BandHeading, Button, Column, EmptyPlace, Press, Row, Words } from '@/ui'
import { duration } from '@/words'
import { countedWords, makingWords } from '@/words/templates'
import { Checklists } from '../Checklists'
import { OpenedFoot } from '../OpenedFoot'
import { OpenedParts } from '../OpenedParts'
import { Blanks, PutIn } from './Blanks'
import { TemplateDates } from './TemplateDates'
import { ShareTemplate } from './ShareTemplate'

export function OpenedTemplate({ project }: { readonly project: Project }) {
  const read = useOnDemand()?.templates
  return read && isTemplate(project) ? <Opened template={project} read={read} /> : null
}

interface Read {
  readonly template: Template
  readonly read: OnDemand['templates']
}

function Opened({ template, read }: Read) {
  const act = useAct()
  const document = useHeldDocument()
  const { close, open } = useOpened()
  const { id, makes } = template
  const parent = template.parentId ? recordIn(document, template.parentId) : undefined
  const isPart = parent !== undefined
  const whole = read.wholeTemplate(document, template)
  const isOfActions = makes === 'project' || makes === 'action'
  return (
    <Column gap="$2.5" flexGrow={1}>
      {parent ? (
        <Press maxWidth="100%" paddingRight={roomForActs} onPress={() => open(parent.id)}>
          <Words size="second" tone="brass" oneLine>
            {`Part of the template ${parent.title}`}
          </Words>
        </Press>
      ) : (
        <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
          {`Template of ${makingWords[makes]}`}
        </Words>
      )}
      <EditText
        name={`${id} title`}
        label="Title"
        size="title"
        value={template.title}
        onKeep={(title, typing) =>
          act('editProject', { id, patch: { title } }, { say: false, atField: true, ...typing })
        }
        needed="A template needs a title."
      />
      <PutIn
        blanks={read.askedBy(document, whole)}
        onPut={(name) =>
          act(
            'editProject',
            { id, patch: { title: `${template.title} ${read.blankMark(name)}` } },
            { say: false },
          )
        }
      />
      {makes === 'project' ? (
        <>
          <Outcome project={template} />
          <TemplateDates template={template} whole={whole} read={read} />
        </>
      ) : null}
      {isOfActions ? <Actions template={template} read={read} /> : null}
      {makes === 'project' ? <Parts of={id} /> : null}
      {isPart ? null : <Blanks template={template} read={read} />}
      {makes === 'project' ? (
        <>
          <NoteBand of={id} />
          <OpenedParts of={id} />
        </>
      ) : null}
      {makes === 'project' || makes === 'checklist' ? <Checklists of={id} /> : null}
      <Row gap="$2" flexWrap="wrap">
        {isPart ? null : <ShareTemplate template={template} read={read} />}
        <Button
          kind="quiet"
          label={isPart ? 'Remove the part' : 'Remove the template'}
          onPress={() => {
            if (parent) open(parent.id)
            else close()
            act('removeTemplate', { id })
          }}
        />
      </Row>
      {isPart ? null : (
        <OpenedFoot
          main={
            <Button
              kind="main"
              label="Use it"
              aria-haspopup="dialog"
              onPress={() => desk.getState().openSheet({ kind: 'useTemplate', id })}
            />
          }
        />
      )}
    </Column>
  )
}

/** The parts of a template, each opened like the template itself. */
function Parts({ of }: { readonly of: Template['id'] }) {
  const act = useAct()
  const { open } = useOpened()
  const document = useHeldDocument()
  const all = partsOfProject(document, of)
  return (
    <Column>
      {all.length > 0 ? (
        <>
          <BandHeading title="Parts" end={String(all.length)} />
          <Column render="ul" aria-label="Parts of the template">
            {all.map((part) => (
              <NamedRow key={part.id} name={part.title} kind="part" onOpen={() => open(part.id)} />
            ))}
          </Column>
        </>
      ) : null}
      <NameLine
        label="New part"
        onMake={(title) => act('addTemplatePart', { title, parentId: of }, { say: false }).ok}
      />
    </Column>
  )
}

function Actions({ template, read }: Read) {
  const act = useAct()
  const { open } = useOpened()
  const document = useHeldDocument()
  const { id, inOrder } = template
  const actions = read.actionsOfTemplate(document, id)
  return (
    <Column>
      <BandHeading title="Actions" end={actions.length > 0 ? String(actions.length) : undefined}>
        {template.makes === 'project' ? (
          <Button
            kind="quiet"
            label={inOrder ? 'in order' : 'free'}
            aria-pressed={inOrder}
            onPress={() => act('setInOrder', { id, inOrder: !inOrder }, { say: false })}
          />
        ) : null}
      </BandHeading>
      {actions.length === 0 ? (
        <EmptyPlace says="No action yet. Open one that is there and keep it as a template, or name the first here." />
      ) : null}
      <Column render="ol" aria-label="Actions of the template">
        {actions.map((action) => (
          <Row render="li" key={action.id} borderBottomWidth={1} borderColor="$rule">
            <Press data-row flex={1} minWidth={0} minHeight={54} onPress={() => open(action.id)}>
              <Column flex={1} minWidth={0} paddingVertical="$2">
                <Words>{action.title}</Words>
                <Words size="second" tone="inkSoft">
                  {detailsOf(action, read, document)}
                </Words>
              </Column>
            </Press>
          </Row>
        ))}
      </Column>
      {template.makes === 'project' || actions.length === 0 ? (
        <NameLine
          label="New action"
          onMake={(title) => act('addToTemplate', { title, projectId: id }, { say: false }).ok}
        />
      ) : null}
    </Column>
  )
}

/** "due 14 days before Visit · 2 steps · 20 min" */
function detailsOf(
  action: Action,
  read: OnDemand['templates'],
  document: ReturnType<typeof useHeldDocument>,
): string {
  const steps = owned.stepsOf(document, action.id).length
  return [
    ...read
      .countedOf(document, action.id)
      .map((counted) =>
        countedWords(counted, counted.blankId ? (recordIn(document, counted.blankId)?.name ?? null) : null),
      ),
    steps > 0 ? `${steps} ${steps === 1 ? 'step' : 'steps'}` : null,
    action.minutes ? duration(action.minutes) : null,
  ]
    .filter(Boolean)
    .join(' · ')
}
