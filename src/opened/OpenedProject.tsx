// A project opened: its outcome, its actions, a line to add the next one.
import { useState } from 'react'
import { projectStates, type Project } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { draftOf } from '@/core/sentence'
import { lists, select, type RunOptions } from '@/state'
import { BandHeading, Button, Choice, Column, EmptyPlace, Field, Pull, Row, Seal, Words } from '@/ui'
import { ActionRow } from '@/parts/rows/ActionRow'
import { WhenLine } from '@/parts/choosers/ActionChoices'
import { Chips, useSentence } from '@/parts/capture/CaptureLine'
import { EditText } from '@/parts/text/EditText'
import { stateWords } from '@/words'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { History } from './History'

export function OpenedProject({ project }: { project: Project }) {
  const act = useAct()
  const document = useHeldDocument()
  const { id } = project
  const areas = select.areasOf(document)
  const area = areas.find((candidate) => candidate.id === project.areaId)
  const open = lists.actionsOfProject(document, id)
  const ended = lists.doneOfProject(document, id)
  const edit = (patch: Parameters<typeof act<'editProject'>>[1]['patch'], typing?: RunOptions) =>
    act('editProject', { id, patch }, { say: false, atField: typing !== undefined, ...typing })
  return (
    <Column gap={14}>
      <Row gap={10} paddingRight={44} minHeight={44}>
        <Seal stamp={area?.stamp ?? null} ink={area?.ink ?? 0} />
        <Words size="second" tone="inkSoft">
          Project{area ? ` in ${area.name}` : ''}
        </Words>
      </Row>
      <EditText
        name={`${id} title`}
        label="Title"
        size="title"
        value={project.title}
        onKeep={(title, typing) => edit({ title }, typing)}
        needed="A project needs a title."
      />
      <EditText
        name={`${id} outcome`}
        label="Outcome"
        shown
        rows={3}
        placeholder="What will be true, by when, so that what"
        value={project.outcome}
        onKeep={(outcome, typing) => edit({ outcome }, typing)}
      />
      <Choice
        label="State"
        options={projectStates.map((state) => ({ value: state, label: stateWords[state] }))}
        chosen={[project.state]}
        onToggle={(state) =>
          act('setProjectState', { id, state }, { say: `${project.title}: ${stateWords[state]}` })
        }
      />
      <Row gap={8}>
        <Words size="second" tone="inkSoft" width={76} flexShrink={0} aria-hidden>
          Area
        </Words>
        <Pull
          label="Area"
          none="none"
          value={project.areaId ?? ''}
          options={areas
            .filter((candidate) => candidate.closedAtEpochMs === null)
            .map((candidate) => ({ value: candidate.id, label: candidate.name }))}
          onChoose={(areaId) => edit({ areaId: areaId || null })}
        />
      </Row>
      <WhenLine
        label="Due"
        date={project.due ?? ''}
        onChange={(date) => edit({ due: (date || null) as CalendarDate | null })}
      />
      <Column>
        <BandHeading title="Actions" end={`${open.length} open · ${ended.length} done`} />
        {open.length === 0 && project.state === 'open' ? (
          <EmptyPlace says="No next action. What is the very next thing somebody can do?" />
        ) : null}
        <Column render="ul">
          {open.map((action) => (
            <ActionRow key={action.id} action={action} showDay />
          ))}
        </Column>
        {project.state === 'open' || project.state === 'notNow' ? <NextAction project={project} /> : null}
      </Column>
      <EditText
        name={`${id} note`}
        label="Note"
        shown
        rows={3}
        value={project.note}
        onKeep={(note, typing) => edit({ note }, typing)}
      />
      <History ids={[id]} of={id} />
    </Column>
  )
}

/** A plain sentence straight into the project. */
function NextAction({ project }: { project: Project }) {
  const act = useAct()
  const today = useToday()
  const [text, setText] = useState('')
  const [takenOff, setTakenOff] = useState<readonly string[]>([])
  const sentence = useSentence(text, takenOff)
  const add = () => {
    if (text.trim() === '') return
    const outcome = act(
      'addAction',
      { ...draftOf(sentence, today), projectId: project.id, areaId: null },
      { say: `Added: ${sentence.title}` },
    )
    if (outcome.ok) {
      setText('')
      setTakenOff([])
    }
  }
  return (
    <Column gap={8} paddingTop={10}>
      <Row gap={8}>
        <Field
          label="Add an action"
          placeholder="Add an action"
          value={text}
          onChangeText={setText}
          onSubmitEditing={add}
          blurOnSubmit={false}
        />
        <Button label="Add" onPress={add} disabled={text.trim() === ''} />
      </Row>
      {sentence.clauses.length > 0 ? (
        <Row gap={8} flexWrap="wrap">
          <Chips text={text} clauses={sentence.clauses} takenOff={takenOff} onTakenOff={setTakenOff} />
        </Row>
      ) : null}
    </Column>
  )
}
