// A question about one's own past in the search line: what it was understood as, each part of it to be changed by a
// press, the answer, and the places where it stands.
import { useMemo, useState, type RefObject } from 'react'
import { aboutWords } from '@/core/past/aboutWords'
import { namedBy } from '@/core/past/namedBy'
import type { DaySpan } from '@/core/lookBack'
import type { PastQuestion, QuestionKind } from '@/core/past/question'
import type { CalendarDate } from '@/core/time'
import { useReader } from '@/held/reader'
import type { OpenableId } from '@/held/useOpened'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'
import { OpenedDayChooser, OpenedNameChooser } from '@/parts/choosers/useChooser'
import { select } from '@/state'
import { meantBy, namesIn, type NamedId, type PastMeant } from '@/state/read/past'
import { Chip, Choice, Column, OfferChip, Preview, Row, SaidChip, Words } from '@/ui'
import { nameOfRecord, shortDate } from '@/words'
import { answerSaid, daysLong, kindSaid, pastWords, placeSaid, shownSaid, spanSaid } from '@/words/past'
import { FoundList, FoundRow } from './FoundRow'
import { usePast } from './usePast'

/** Days that are chosen by one press. */
const spans = [
  'today',
  'this week',
  'last week',
  'this month',
  'last month',
  'this year',
  'last year',
] as const
const stillDays = [14, 28, 42, 84, 183] as const

/** What is being changed. */
type Part = 'kind' | 'named' | 'span' | 'days'

export function Past({
  question,
  sentence,
  listRef,
  onWords,
  onGo,
}: {
  question: PastQuestion
  /** As it was typed: what was opened to change it closes with the next word. */
  sentence: string
  listRef: RefObject<HTMLElement | null>
  /** Back to the line: its words are changed there. */
  onWords: () => void
  onGo: (id: OpenableId) => void
}) {
  const document = useHeldDocument()
  const today = useToday()
  const [changed, setChanged] = useState<Partial<PastMeant>>({})
  const [changedOf, setChangedOf] = useState(question)
  // What was changed by a press holds until the sentence is another one.
  if (changedOf !== question) {
    setChangedOf(question)
    setChanged({})
  }
  const meant = useMemo(() => ({ ...meantBy(document, question), ...changed }), [document, question, changed])
  const answer = usePast(meant)
  const places = answer ? [...answer.places, ...answer.near] : []
  return (
    <Column gap="$2">
      <Understood
        key={sentence}
        meant={meant}
        onWords={onWords}
        onChange={(part) => setChanged((before) => ({ ...before, ...part }))}
      />
      <Preview label="Answer">
        <Words size="large" render="p">
          {answer ? answerSaid(meant, answer, today) : pastWords.looking}
        </Words>
        <Words size="second" tone="inkSoft" render="p">
          {answer ? shownSaid(answer) : ''}
        </Words>
      </Preview>
      <FoundList listRef={listRef}>
        {places.map((place) => (
          <FoundRow
            key={place.id}
            id={place.id}
            said={answer ? placeSaid(meant, answer, place, today) : ''}
            onPress={() => onGo(place.id)}
          />
        ))}
      </FoundList>
    </Column>
  )
}

/** When something was last done is asked of its words. */
const isNamedOften = (kind: QuestionKind) => kind !== 'lastTime' && kind !== 'howLong'

/** What the question was understood as. A press changes one part of it; the choices stand below while it is asked. */
function Understood({
  meant,
  onWords,
  onChange,
}: {
  meant: PastMeant
  onWords: () => void
  onChange: (part: Partial<PastMeant>) => void
}) {
  const document = useHeldDocument()
  const today = useToday()
  const [part, setPart] = useState<Part | null>(null)
  const toggle = (next: Part) => setPart(part === next ? null : next)
  const { kind, about, namedId, span, days } = meant
  const isStill = kind === 'untouched'
  const phrase = useSpansOffered().find(({ is }) => isSameSpan(is, span))?.phrase
  return (
    <Column gap="$2">
      <Row gap="$1.5" flexWrap="wrap" role="group" aria-label="Understood">
        <SaidChip text={kindSaid(meant)} onPress={() => toggle('kind')} />
        {isStill || aboutWords(about).count === 0 ? null : (
          <Chip text={`“${about}”`} onPress={onWords} onTakeOff={() => onChange({ about: '' })} />
        )}
        {isStill ? (
          <SaidChip text={`for ${daysLong(days ?? 0)}`} onPress={() => toggle('days')} />
        ) : (
          <>
            {namedId !== null || isNamedOften(kind) ? (
              <SaidChip
                quiet={namedId === null}
                text={namedId === null ? pastWords.anybody : nameOfRecord(document, namedId)}
                onPress={() => setPart('named')}
              />
            ) : null}
            <SaidChip
              quiet={span === null}
              text={phrase ?? (span ? spanSaid(span, today) : pastWords.anyDay)}
              onPress={() => toggle('span')}
            />
          </>
        )}
      </Row>
      {part === 'kind' ? <Kinds meant={meant} onChange={onChange} /> : null}
      {part === 'days' ? (
        <Choice
          label="Not moved for"
          shown={false}
          options={stillDays.map((each) => ({ value: String(each), label: daysLong(each) }))}
          chosen={[String(days)]}
          onToggle={(chosen) => onChange({ days: Number(chosen) })}
        />
      ) : null}
      {part === 'span' ? <Spans span={span} onChange={(next) => onChange({ span: next })} /> : null}
      {part === 'named' ? (
        <OpenedNameChooser
          title="Whom or what is it about?"
          options={[
            { id: '', name: pastWords.anybody, isChosen: namedId === null },
            ...namesIn(document).map(({ id, name }) => ({ id, name, isChosen: id === namedId })),
          ]}
          makes={[]}
          onChoose={(id) => {
            onChange({ namedId: id === '' ? null : (id as NamedId) })
            setPart(null)
          }}
          onClose={() => setPart(null)}
        />
      ) : null}
    </Column>
  )
}

const keyOf = ({ kind, ofProjects }: Pick<PastMeant, 'kind' | 'ofProjects'>) => `${kind} ${ofProjects}`

function Kinds({ meant, onChange }: { meant: PastMeant; onChange: (part: Partial<PastMeant>) => void }) {
  const { past } = useReader()
  if (!past) return null
  // Projects and times are counted apart.
  const kinds: readonly Pick<PastMeant, 'kind' | 'ofProjects'>[] = [
    ...past.questionKinds.map((kind) => ({ kind, ofProjects: kind === 'untouched' })),
    { kind: 'howMany', ofProjects: true },
  ]
  return (
    <Choice
      label="What is asked"
      shown={false}
      options={kinds.map((each) => ({ value: keyOf(each), label: kindSaid(each) }))}
      chosen={[keyOf(meant)]}
      onToggle={(chosen) => {
        const next = kinds.find((each) => keyOf(each) === chosen)
        if (next) onChange({ ...next, days: meant.days ?? past.usualStillDays })
      }}
    />
  )
}

/** The days that one press chooses, each in its own words. */
function useSpansOffered(): readonly { readonly phrase: string; readonly is: DaySpan | null }[] {
  const today = useToday()
  const { past } = useReader()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  return [
    { phrase: pastWords.anyDay, is: null },
    ...spans.map((phrase) => ({ phrase, is: past?.readPastSpan(phrase, { today, weekStartsOn }) ?? null })),
  ]
}
const isSameSpan = (a: DaySpan | null, b: DaySpan | null) => a?.from === b?.from && a?.to === b?.to

function Spans({ span, onChange }: { span: DaySpan | null; onChange: (span: DaySpan | null) => void }) {
  const today = useToday()
  const [end, setEnd] = useState<'from' | 'to' | null>(null)
  const offered = useSpansOffered()
  const chosen = offered.find(({ is }) => isSameSpan(is, span))
  const { from, to } = span ?? { from: today, to: today }
  const set = (date: CalendarDate) => {
    const next = { from, to, [end ?? 'from']: date }
    // The other end goes along where the two would cross.
    onChange(next.from <= next.to ? next : { from: date, to: date })
  }
  return (
    <Row gap="$1.5" flexWrap="wrap">
      <Choice
        label="Days asked about"
        shown={false}
        oneLine
        options={offered.map(({ phrase }) => ({ value: phrase as string, label: phrase }))}
        chosen={chosen ? [chosen.phrase] : []}
        onToggle={(phrase) => onChange(offered.find((each) => each.phrase === phrase)?.is ?? null)}
      />
      <SaidChip
        quiet={span === null}
        text={span ? `from ${shortDate(from, today)}` : 'from…'}
        onPress={() => setEnd('from')}
      />
      <SaidChip
        quiet={span === null}
        text={span ? `until ${shortDate(to, today)}` : 'until…'}
        onPress={() => setEnd('to')}
      />
      {end ? (
        <OpenedDayChooser
          key={end}
          title={end === 'from' ? 'From which day?' : 'Until which day?'}
          date={end === 'from' ? from : to}
          past
          onChoose={(date) => (date ? set(date) : undefined)}
          onClose={() => setEnd(null)}
        />
      ) : null}
    </Row>
  )
}

/** Where a question can't be answered: those nearest to it that can. */
export function NearQuestions({ text, onAsk }: { text: string; onAsk: (question: string) => void }) {
  const document = useHeldDocument()
  const { past } = useReader()
  const near = past?.nearQuestions(text, (word) => namedBy(namesIn(document), word).length > 0) ?? []
  return (
    <Column gap="$1.5" paddingVertical="$2">
      <Words role="status">{pastWords.cannot}</Words>
      <Column render="ul" aria-label="Questions that can be answered" gap="$1.5">
        {near.map((question) => (
          <Row key={question} render="li">
            <OfferChip
              text={question}
              name={`Ask: ${question}`}
              icon="search"
              onPress={() => onAsk(question)}
            />
          </Row>
        ))}
      </Column>
    </Column>
  )
}
