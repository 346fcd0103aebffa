// A pattern opened: it reads and is edited like what it makes, with what it asks, and at the foot the way to use it.
import { roomForActs } from '../roomForActs'
import type { Action, Project } from '@/core/record'
import type { Later } from '@/state'
import { parts } from '@/state'
import { isPattern, type Pattern } from '@/state/isPattern'
import { partsOfProject } from '@/state/projectParts'
import { NamedRow } from '@/parts/rows/NamedRow'
import { recordIn } from '@/core/journal'
import { NoteBand } from '@/parts/note/NoteBand'
import { EditText } from '@/parts/text/EditText'
import { Outcome } from '@/parts/project/Outcome'
import { NameLine } from '@/parts/text/NameLine'
import { desk } from '@/held/desk'
import { useLater } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { BandHeading, Button, Column, EmptyPlace, Press, Row, Words } from '@/ui'
import { duration } from '@/words'
import { countedWords, makingWords } from '@/words/patterns'
import { Checklists } from '../Checklists'
import { OpenedFoot } from '../OpenedFoot'
import { OpenedParts } from '../OpenedParts'
import { Blanks, PutIn } from './Blanks'
import { PatternDates } from './PatternDates'
import { SharePattern } from './SharePattern'

export function OpenedPattern({ project }: { readonly project: Project }) {
  const read = useLater()?.patterns
  return read && isPattern(project) ? <Opened pattern={project} read={read} /> : null
}

interface Read {
  readonly pattern: Pattern
  readonly read: Later['patterns']
}

function Opened({ pattern, read }: Read) {
  const act = useAct()
  const document = useHeldDocument()
  const { close, open } = useOpened()
  const { id, makes } = pattern
  const parent = pattern.parentId ? recordIn(document, pattern.parentId) : undefined
  const isPart = parent !== undefined
  const whole = read.wholePattern(document, pattern)
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
        value={pattern.title}
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
            { id, patch: { title: `${pattern.title} ${read.blankMark(name)}` } },
            { say: false },
          )
        }
      />
      {makes === 'project' ? (
        <>
          <Outcome project={pattern} />
          <PatternDates pattern={pattern} whole={whole} read={read} />
        </>
      ) : null}
      {isOfActions ? <Actions pattern={pattern} read={read} /> : null}
      {makes === 'project' ? <Parts of={id} /> : null}
      {isPart ? null : <Blanks pattern={pattern} read={read} />}
      {makes === 'project' ? (
        <>
          <NoteBand of={id} />
          <OpenedParts of={id} />
        </>
      ) : null}
      {makes === 'project' || makes === 'checklist' ? <Checklists of={id} /> : null}
      <Row gap="$2" flexWrap="wrap">
        {isPart ? null : <SharePattern pattern={pattern} read={read} />}
        <Button
          kind="quiet"
          label={isPart ? 'Remove the part' : 'Remove the template'}
          onPress={() => {
            if (parent) open(parent.id)
            else close()
            act('removePattern', { id })
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
              onPress={() => desk.getState().openSheet({ kind: 'usePattern', id })}
            />
          }
        />
      )}
    </Column>
  )
}

/** The parts of a pattern, each opened like the pattern itself. */
function Parts({ of }: { readonly of: Pattern['id'] }) {
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
              <NamedRow key={part.id} name={part.title} spoken="Open the part" onOpen={() => open(part.id)} />
            ))}
          </Column>
        </>
      ) : null}
      <NameLine
        label="New part"
        onMake={(title) => act('addPatternPart', { title, parentId: of }, { say: false }).ok}
      />
    </Column>
  )
}

function Actions({ pattern, read }: Read) {
  const act = useAct()
  const { open } = useOpened()
  const document = useHeldDocument()
  const { id, inOrder } = pattern
  const actions = read.actionsOfPattern(document, id)
  return (
    <Column>
      <BandHeading title="Actions" end={actions.length > 0 ? String(actions.length) : undefined}>
        {pattern.makes === 'project' ? (
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
      {pattern.makes === 'project' || actions.length === 0 ? (
        <NameLine
          label="New action"
          onMake={(title) => act('addToPattern', { title, projectId: id }, { say: false }).ok}
        />
      ) : null}
    </Column>
  )
}

/** "due 14 days before Visit · 2 steps · 20 min" */
function detailsOf(
  action: Action,
  read: Later['patterns'],
  document: ReturnType<typeof useHeldDocument>,
): string {
  const steps = parts.stepsOf(document, action.id).length
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
