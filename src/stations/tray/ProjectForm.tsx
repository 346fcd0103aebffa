// What *Project* asks: what will be true, the very next action, and the area it stands on.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import { isIdOf, type Id, type Project } from '@/core/record'
import type { ListAs } from '@/core/sorting/fieldsFor'
import { useReader } from '@/held/reader'
import { select } from '@/state'
import { ChoiceRow, Field, Words } from '@/ui'
import { hasSoftKeyboard } from '@/ui/softKeyboard'
import { UnderstoodLine } from '@/parts/capture/UnderstoodLine'
import { useSentence, useSentenceContext } from '@/parts/capture/useSentence'
import { OpenedProjectChooser, useChooser } from '@/parts/choosers/useChooser'
import { SaidLine } from '@/parts/said/SaidLine'
import type { ProjectChooserProps } from '@/parts/choosers/chooserProps'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { chooserWords, saidOfProject, shortened } from '@/words'
import { DraftPaper } from './SlipPaper'
import { Left, SortingForm, type AskedOf } from './SortingForm'
import { useLikely } from './useLikely'
import { WhyFirst } from './WhyFirst'

type Chosen = Pick<Project, 'areaId' | 'due'>

/** A shelf by its id, as what stands on it names it. */
const shelfOf = (id: string) => ({
  projectId: isIdOf('project', id) ? id : null,
  areaId: isIdOf('area', id) ? id : null,
})

const listChoices = [
  { value: 'actions', label: 'actions in order' },
  { value: 'anyOrder', label: 'actions in any order' },
  { value: 'steps', label: 'steps' },
] as const

/** What a project has before anything is chosen for it. */
const unset: Omit<ProjectChooserProps['of'], 'due' | 'areaId'> = {
  id: 'project:none',
  state: 'open',
  personIds: [],
  goalIds: [],
  notUntil: null,
  stageId: null,
  parentId: null,
  begins: null,
  ending: null,
  letters: '',
  afterIds: [],
  inOrder: false,
}

export function ProjectForm({ slip, fields, left, onBack }: AskedOf) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const chooser = useChooser()
  const reader = useReader()
  const [ownTitle, setTitle] = useState<string | null>(null)
  const [outcome, setOutcome] = useState('')
  const [patch, setPatch] = useState<Partial<Chosen>>({})
  const chosen: Chosen = { areaId: fields.areaId ?? null, due: fields.due?.date ?? null, ...patch }
  const title = ownTitle ?? fields.title
  const [next, setNext] = useState('')
  const [takenOff, setTakenOff] = useState<readonly string[]>([])
  const sentence = useSentence(next, takenOff)
  const listContext = useSentenceContext()
  const list = fields.steps ?? []
  const [listAs, setListAs] = useState<ListAs>('actions')
  const isEmpty = title.trim() === ''
  /** An action of the project as it was said; what names another place for it stays in its note. */
  const actionSaid = (text: string, said = reader.parseSentence(text, listContext)) => {
    const of = reader.becomingNext(text, said, reader.draftOf(said, today), today)
    return { ...of.fields, note: of.left }
  }
  const keep = () => {
    const first = next.trim() === '' ? [] : [actionSaid(next, sentence)]
    const listed = listAs === 'steps' ? [] : list.map((text) => actionSaid(text))
    const inOrder = listAs === 'actions' && listed.length > 1
    act(
      'sortAsProject',
      {
        slipId: slip.id,
        left,
        project: { title, outcome, inOrder, personIds: [...(fields.personIds ?? [])], ...chosen },
        steps: listAs === 'steps' ? list : [],
        actions: [...first, ...listed],
      },
      { say: `Sorted as a project: ${shortened(title)}` },
    )
  }
  const of = { ...unset, ...chosen }
  return (
    <>
      <SortingForm label="Project" keepLabel="Save project" canKeep={!isEmpty} onBack={onBack} onKeep={keep}>
        <DraftPaper>
          <Field
            label="Project"
            size="title"
            autoFocus={!hasSoftKeyboard()}
            value={title}
            onChangeText={setTitle}
            problem={isEmpty ? 'A project needs a title.' : null}
          />
          <SaidLine
            chips={saidOfProject(of, document, today).filter(({ field }) => field !== 'state')}
            offers={chosen.due ? [] : ['projectDue']}
            onChoose={chooser.choose}
          />
        </DraftPaper>
        <Field
          label="Outcome"
          shown
          autoFocus={hasSoftKeyboard()}
          placeholder="What will be true, by when, so that what"
          value={outcome}
          onChangeText={setOutcome}
          onSubmitEditing={keep}
        />
        <Field
          label="First next action"
          shown
          placeholder="What can somebody do next?"
          value={next}
          onChangeText={setNext}
          onSubmitEditing={keep}
        />
        <UnderstoodLine
          text={next}
          sentence={sentence}
          takenOff={takenOff}
          onText={setNext}
          onTakenOff={setTakenOff}
        />
        <ListBecomes list={list} listAs={listAs} onListAs={setListAs} />
        {left === '' ? null : <Left words={left} />}
        <AreaRow
          title={fields.title}
          chosen={chosen.areaId}
          onChoose={(areaId) => setPatch({ ...patch, areaId })}
          onMore={() => chooser.choose('area')}
        />
      </SortingForm>
      {/* Beside the form: Enter in a chooser must not keep the project. */}
      <OpenedProjectChooser
        chooser={chooser}
        of={of}
        onSet={({ areaId, due }) =>
          setPatch({
            ...patch,
            ...(areaId === undefined ? {} : { areaId }),
            ...(due === undefined ? {} : { due }),
          })
        }
      />
    </>
  )
}

interface ListBecomesProps {
  readonly list: readonly string[]
  readonly listAs: ListAs
  readonly onListAs: (listAs: ListAs) => void
}

/** What becomes of the list that was said after a colon. */
function ListBecomes({ list, listAs, onListAs }: ListBecomesProps) {
  if (list.length === 0) return null
  return (
    <>
      <ChoiceRow label="The list becomes" options={listChoices} chosen={[listAs]} onToggle={onListAs} />
      <Words size="second" tone="inkSoft" className="clamped two">
        {list.join(' · ')}
      </Words>
    </>
  )
}

/** The open areas, what is chosen and what is likely before the rest. */
function useLikelyAreas(title: string, chosen: Id<'area'> | null) {
  const document = useHeldDocument()
  const areas = select.areasOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
  // The areas on which much like it stands first, a project counting for its own.
  const likely = useLikely(title).shelf.flatMap(({ value, because }) => {
    const areaId = select.areaOf(document, shelfOf(value))?.id
    return areaId && areas.some(({ id }) => id === areaId) ? [{ value: areaId, because }] : []
  })
  const shownIds = [
    ...new Set([
      ...(chosen ? [chosen] : []),
      ...likely.map(({ value }) => value),
      ...areas.map(({ id }) => id),
    ]),
  ]
  return { document, likely, shownIds }
}

interface AreaRowProps {
  /** What was said, for what is likely. */
  readonly title: string
  readonly chosen: Id<'area'> | null
  readonly onChoose: (id: Id<'area'> | null) => void
  readonly onMore: () => void
}

/** The areas, the likeliest first. */
function AreaRow({ title, chosen, onChoose, onMore }: AreaRowProps) {
  const { document, likely, shownIds } = useLikelyAreas(title, chosen)
  const nameOf = (id: Id<'area'>) => recordIn(document, id)?.name ?? ''
  return (
    <>
      <ChoiceRow
        label={chooserWords.area}
        options={shownIds.map((id) => ({ value: id, label: nameOf(id) }))}
        chosen={chosen ? [chosen] : []}
        onToggle={(id) => onChoose(id === chosen ? null : id)}
        onMore={onMore}
      />
      <WhyFirst reasons={likely.map((said) => ({ ...said, name: nameOf(said.value) }))} />
    </>
  )
}
