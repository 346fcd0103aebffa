// What *Project* asks: what will be true, and the first next action.
import { shortened } from '@/words'
import { useState } from 'react'
import type { Id } from '@/core/record'
import { draftOf } from '@/core/sentence'
import { select, type NewAction } from '@/state'
import { Column, Field, Pull, Row, Words } from '@/ui'
import { Chips, useSentence } from '@/parts/capture/CaptureLine'
import { useAct, useHeld, useToday } from '@/held/zen'
import { FormFoot } from './FormFoot'

export function ProjectForm({
  slipId,
  fields,
  onBack,
}: {
  slipId: Id<'slip'>
  fields: NewAction
  onBack: () => void
}) {
  const act = useAct()
  const today = useToday()
  const areas = useHeld((state) => select.areasOf(state.document))
  const [ownTitle, setTitle] = useState<string | null>(null)
  const [outcome, setOutcome] = useState('')
  const [ownArea, setOwnArea] = useState<{ id: Id<'area'> | null } | null>(null)
  const title = ownTitle ?? fields.title
  const areaId = ownArea ? ownArea.id : (fields.areaId ?? null)
  const [next, setNext] = useState('')
  const [takenOff, setTakenOff] = useState<readonly string[]>([])
  const sentence = useSentence(next, takenOff)
  const empty = title.trim() === ''
  const keep = () => {
    if (empty) return
    const draft = draftOf(sentence, today)
    const first = next.trim() === '' ? null : { ...draft, projectId: null, areaId: null }
    act(
      'sortAsProject',
      { slipId, project: { title, outcome, areaId, due: fields.due?.date ?? null }, next: first },
      { say: `Sorted as a project: ${shortened(title)}` },
    )
  }
  return (
    <Column
      render="form"
      role="form"
      aria-label="Project"
      gap={14}
      {...{
        onSubmit: (event: React.FormEvent) => {
          event.preventDefault()
          keep()
        },
      }}
    >
      <Field
        label="Project"
        shown
        value={title}
        onChangeText={setTitle}
        autoFocus
        onSubmitEditing={keep}
        problem={empty ? 'A project needs a title.' : null}
      />
      <Field
        label="Outcome"
        shown
        placeholder="What will be true, by when, so that what"
        value={outcome}
        onChangeText={setOutcome}
        onSubmitEditing={keep}
      />
      <Field
        label="First next action"
        shown
        placeholder="The very next thing somebody can do"
        value={next}
        onChangeText={setNext}
        onSubmitEditing={keep}
      />
      {sentence.clauses.length > 0 ? (
        <Row gap={8} flexWrap="wrap">
          <Chips text={next} clauses={sentence.clauses} takenOff={takenOff} onTakenOff={setTakenOff} />
        </Row>
      ) : null}
      {areas.length > 0 ? (
        <Row gap={8}>
          <Words size="second" tone="inkSoft" width={76} flexShrink={0} aria-hidden>
            Area
          </Words>
          <Pull
            label="Area"
            none="none yet"
            value={areaId ?? ''}
            options={areas.map(({ id, name }) => ({ value: id, label: name }))}
            onChoose={(id) => setOwnArea({ id: id || null })}
          />
        </Row>
      ) : null}
      <FormFoot label="Keep the project" onBack={onBack} disabled={empty} />
    </Column>
  )
}
