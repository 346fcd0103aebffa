// Using a template: its blanks asked once, and every action with its date shown before anything is made.
import { useId, useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { isCalendarDate, type CalendarDate } from '@/core/time'
import { select, type OnDemand } from '@/state'
import { isTemplate, type Template } from '@/state/read/isTemplate'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { Button, Column, Field, Labelled, Row, SlideOver, Words } from '@/ui'
import { Pull } from '@/ui/Pull'
import { StickyFoot } from '@/ui/StickyFoot'
import { shortened } from '@/words'
import { comesWithWords, dayInText, previewWords } from '@/words/templatePreview'
import { makingWords } from '@/words/templates'

export interface UseTemplateProps {
  readonly id: Id<'project'>
  /** What is known already, by the names of the blanks; days as days. */
  readonly known?: Readonly<Record<string, string>> | undefined
  readonly areaId?: Id<'area'> | null | undefined
  /** The slip that sounded like it: gone when it is made. */
  readonly slipId?: Id<'slip'> | undefined
  readonly onClose: () => void
}

export function UseTemplate(props: UseTemplateProps) {
  const read = useOnDemand()?.templates
  const template = useHeld((state) => recordIn(state.document, props.id))
  return read && isTemplate(template) ? <Asking {...props} template={template} read={read} /> : null
}

function Asking({
  template,
  read,
  known = {},
  areaId,
  slipId,
  onClose,
}: UseTemplateProps & { readonly template: Template; readonly read: OnDemand['templates'] }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const { open } = useOpened()
  const asked = read.askedBy(document, template)
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>(known)
  const [area, setArea] = useState<Id<'area'> | null>(areaId ?? template.areaId)
  const put = (name: string, text: string) => setTyped({ ...typed, [name]: text })
  const answerOf = ({ name, kind }: (typeof asked)[number]) => {
    const text = (typed[name] ?? '').trim()
    const date = kind === 'date' && isCalendarDate(text) ? text : null
    return { says: date ? dayInText(date, today) : text, date }
  }
  const answers = Object.fromEntries(
    asked.map((each) => [each.name, answerOf(each)] as const).filter(([, { says }]) => says !== ''),
  )
  const said = new Map(Object.entries(answers).map(([name, { says }]) => [name, says]))
  const dates = Object.fromEntries(
    Object.entries(answers).map(([name, { date }]) => [name, date ?? undefined]),
  )
  const shown = read.previewOf(document, template, dates, said, today)
  const itself = template.makes === 'project' ? shown[0] : undefined
  const made = itself ? shown.slice(1) : shown
  const past = shown.filter(({ isPast }) => isPast).length
  const missing = asked.filter(({ name }) => !(name in answers))
  const title = read.filledLine(template.title, said)
  const meetingNote = read.filled(read.meetingNoteOf(document, template), said)
  const isWrong = ({ name, kind }: (typeof asked)[number]) => {
    const text = (typed[name] ?? '').trim()
    return kind === 'number' && text !== '' && !read.isNumberSaid(text)
  }
  const make = () => {
    if (asked.some(isWrong)) return
    const outcome = act(
      'useTemplate',
      { id: template.id, answers, areaId: area, ...(slipId ? { slipId } : {}) },
      { say: `Made: ${shortened(title)}` },
    )
    if (!outcome.ok) return
    onClose()
    const made = outcome.value.find(
      (part) => part.kind === 'added' && /^(?:project|action|checklist|note):/.test(part.record.id),
    )
    if (made?.kind === 'added') open(made.record.id as Id<'project'>)
  }
  const areas = select.areasOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
  return (
    <SlideOver title={`Make ${makingWords[template.makes]}`} onClose={onClose}>
      <Column render="form" gap="$3" onSubmit={(event) => event.preventDefault()}>
        {asked.map((each, at) => (
          <Answer
            key={each.name}
            asked={each}
            text={typed[each.name] ?? ''}
            problem={isWrong(each) ? 'Type a number such as 12 or 3.5.' : null}
            autoFocus={at === 0}
            onText={(text) => put(each.name, text)}
            onDone={make}
          />
        ))}
        {template.makes === 'checklist' ? null : (
          <Labelled label="Area">
            <Pull
              label="Area"
              none="none"
              value={area ?? ''}
              options={areas.map(({ id, name }) => ({ value: id, label: name }))}
              onChoose={(id) => setArea((id || null) as Id<'area'> | null)}
            />
          </Labelled>
        )}
        <Column gap="$1.5" role="region" aria-label="What will be made">
          <Words size="title">{title}</Words>
          {template.outcome ? <Words tone="inkSoft">{read.filled(template.outcome, said)}</Words> : null}
          {meetingNote ? (
            <Words tone="inkSoft" whiteSpace="pre-line">
              {meetingNote.length > 600 ? `${meetingNote.slice(0, 600)}…` : meetingNote}
            </Words>
          ) : null}
          {itself ? <MadeItself of={itself} /> : null}
          <Column render="ol" aria-label={template.makes === 'checklist' ? 'Its steps' : 'Its actions'}>
            {made.map((each) => (
              <MadeRow key={each.id} of={each} />
            ))}
          </Column>
          {past > 0 ? (
            <Words tone="clay">
              {past === 1
                ? 'One date is in the past. It is created anyway.'
                : `${past} dates are in the past. They are created anyway.`}
            </Words>
          ) : null}
          {missing.length > 0 ? (
            <Words size="second" tone="inkSoft">
              {`Left blank: ${missing.map(({ name }) => name).join(', ')}.`}
            </Words>
          ) : null}
        </Column>
        <StickyFoot low>
          <Button kind="quiet" label="Cancel" onPress={onClose} />
          <Button kind="main" label="Make it" disabled={asked.some(isWrong)} onPress={make} />
        </StickyFoot>
      </Column>
    </SlideOver>
  )
}

type Previewed = ReturnType<OnDemand['templates']['previewOf']>[number]

const datesSaid = (of: Previewed, today: CalendarDate): string =>
  [...previewWords(of, today), of.isPast ? 'that is over' : null].filter(Boolean).join(', ')

/** When the project will begin and be due, and what lies with it. */
function MadeItself({ of }: { readonly of: Previewed }) {
  const dates = datesSaid(of, useToday())
  const along = of.with.map(comesWithWords).join(' · ')
  return (
    <>
      {dates ? <Words tone={of.isPast ? 'clay' : 'ink'}>{sentence(dates)}</Words> : null}
      {along ? (
        <Words size="second" tone="inkSoft">
          {sentence(along)}
        </Words>
      ) : null}
    </>
  )
}

const sentence = (words: string): string => words.replace(/^./, (first) => first.toUpperCase())

/** An action, a part or a line, with its dates and what comes with it. */
function MadeRow({ of }: { readonly of: Previewed }) {
  const dates = datesSaid(of, useToday())
  const along = of.with.map(comesWithWords).join(' · ')
  return (
    <Row
      render="li"
      gap="$3"
      minHeight={44}
      paddingVertical="$1.5"
      style={{ paddingLeft: Math.min(of.isPart ? of.depth - 1 : of.depth, 6) * 16 }}
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Column flex={1} minWidth={0}>
        <Words strong={of.isPart}>{of.title}</Words>
        {along ? (
          <Words size="second" tone="inkSoft">
            {along}
          </Words>
        ) : null}
      </Column>
      <Words
        size="second"
        tone={of.isPast ? 'clay' : 'inkSoft'}
        textAlign="right"
        flexShrink={0}
        maxWidth="46%"
      >
        {dates}
      </Words>
    </Row>
  )
}

interface AnswerProps {
  readonly asked: ReturnType<OnDemand['templates']['askedBy']>[number]
  readonly text: string
  readonly problem: string | null
  readonly autoFocus: boolean
  readonly onText: (text: string) => void
  readonly onDone: () => void
}

function Answer({ asked: { name, kind }, text, problem, autoFocus, onText, onDone }: AnswerProps) {
  const today = useToday()
  const id = useId()
  const [isChoosing, setChoosing] = useState(false)
  const date = isCalendarDate(text) ? (text as CalendarDate) : null
  if (kind !== 'date')
    return (
      <Field
        label={name}
        shown
        autoFocus={autoFocus}
        value={text}
        problem={problem}
        inputMode={kind === 'number' ? 'decimal' : 'text'}
        onChangeText={onText}
        onSubmitEditing={onDone}
      />
    )
  return (
    <Column gap="$1">
      <Words size="second" tone="inkSoft" id={id}>
        {name}
      </Words>
      <Row>
        <Button
          label={date ? dayInText(date, today) : 'Choose the day'}
          chosen={date !== null}
          autoFocus={autoFocus}
          aria-describedby={id}
          aria-haspopup="dialog"
          onPress={() => setChoosing(true)}
        />
      </Row>
      {isChoosing ? (
        <OpenedDayChooser
          title={name}
          date={date}
          none="no day"
          onChoose={(day) => onText(day ?? '')}
          onClose={() => setChoosing(false)}
        />
      ) : null}
    </Column>
  )
}
