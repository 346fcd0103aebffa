// What *Hand over* asks: to whom, how it was told, when to chase. Enter takes what stands there.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Id, Waiting } from '@/core/record'
import { addDays } from '@/core/time'
import { select, type NewAction } from '@/state'
import { ChoiceRow } from '@/ui'
import { hasSoftKeyboard } from '@/ui/softKeyboard'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { sayableOf } from '@/parts/said/sayableOf'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { chooserWords, nearDate, shortened, type SaidField } from '@/words'
import { SaidPaper } from './SaidPaper'
import { Left, SortingForm, type AskedOf } from './SortingForm'
import { useSaidParts } from './useSaidParts'
import { useLikely } from './useLikely'
import { WhyFirst } from './WhyFirst'

const ways = ['in person', 'by phone', 'by e-mail', 'by message'] as const
/** Days from today after which an answer is usually asked for. */
const chaseAfter = [2, 7, 14, 28]
const inRows = new Set<SaidField>(['waiting', 'chase', 'horizon', 'since'])

export function HandOverForm({ slip, fields, left, onBack }: AskedOf) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const chooser = useChooser()
  const reasons = useLikely(fields.title).person
  const likely = reasons.map(({ value }) => value as Id<'person'>)
  const everybody = select.peopleOf(document).map(({ id }) => id)
  // Whom it came from or names, then whom much like it was handed to.
  const people = [
    ...new Set([...slip.personIds, ...(fields.personIds ?? []), ...likely, ...everybody]),
  ].filter((id) => everybody.includes(id))
  const [title, setTitle] = useState<string | null>(null)
  const [patch, setPatch] = useState<Partial<NewAction>>({})
  const nobody: Waiting = {
    personId: null,
    whom: '',
    since: today,
    chaseOn: addDays(today, 7),
    how: '',
    toSignOff: false,
  }
  const chosen: NewAction = { ...fields, ...patch, title: title ?? fields.title }
  const said = fields.personIds?.[0] ?? null
  const waiting: Waiting = patch.waiting ?? fields.waiting ?? { ...nobody, personId: said }
  const of = { ...sayableOf(chosen, today), waiting }
  const parts = useSaidParts(fields, of)
  const set = (more: Partial<Waiting>) => setPatch({ ...patch, waiting: { ...waiting, ...more } })
  const isNamed = waiting.personId !== null || waiting.whom.trim() !== ''
  const isEmpty = chosen.title.trim() === ''
  const whom = waiting.personId ? (recordIn(document, waiting.personId)?.name ?? '') : waiting.whom
  const offered = people.filter((id) => id !== waiting.personId)
  const keep = () => {
    const personIds = [...(chosen.personIds ?? []), ...(waiting.personId ? [waiting.personId] : [])]
    act(
      'sortAsHandedOver',
      {
        slipId: slip.id,
        left,
        fields: { ...chosen, ...parts.said, waiting, personIds: [...new Set(personIds)] },
      },
      { say: `Handed over to ${whom}: ${shortened(chosen.title)}` },
    )
  }
  const dayOf = (days: number) => addDays(today, days)
  return (
    <>
      <SortingForm
        label="Hand over"
        keepLabel={isNamed ? `Hand over to ${shortened(whom)}` : 'To whom?'}
        canKeep={!isEmpty && isNamed}
        onBack={onBack}
        onKeep={keep}
      >
        <SaidPaper
          label="What is handed over"
          title={chosen.title}
          onTitle={setTitle}
          needed="It needs a title."
          of={of}
          fields={fields}
          inRows={inRows}
          onChoose={chooser.choose}
          parts={parts}
        />
        {left === '' ? null : <Left words={left} />}
        <ChoiceRow
          firstFocus={hasSoftKeyboard()}
          label="To whom"
          options={[
            ...(isNamed ? [{ value: waiting.personId ?? 'words', label: shortened(whom) }] : []),
            ...offered
              .slice(0, 6)
              .map((id) => ({ value: id as string, label: recordIn(document, id)?.name ?? '' })),
          ]}
          chosen={isNamed ? [waiting.personId ?? 'words'] : []}
          onToggle={(id) => {
            if (id !== 'words') set({ personId: id as Id<'person'>, whom: '' })
          }}
          onMore={() => chooser.choose('waiting')}
        />
        <WhyFirst
          reasons={reasons.map((said) => ({
            ...said,
            name: recordIn(document, said.value as Id<'person'>)?.name ?? '',
          }))}
        />
        <ChoiceRow
          label="How you asked them"
          options={ways.map((way) => ({ value: way as string, label: way }))}
          chosen={waiting.how === '' ? [] : [waiting.how]}
          onToggle={(way) => set({ how: way === waiting.how ? '' : way })}
        />
        <ChoiceRow
          label={chooserWords.chase}
          options={chaseAfter.map((days) => ({
            value: dayOf(days) as string,
            label: nearDate(dayOf(days), today),
          }))}
          chosen={waiting.chaseOn ? [waiting.chaseOn] : []}
          onToggle={(day) => set({ chaseOn: day === waiting.chaseOn ? null : (day as Waiting['chaseOn']) })}
          onMore={() => chooser.choose('chase')}
        />
      </SortingForm>
      <OpenedChooser
        chooser={chooser}
        of={of}
        onSet={(more) => setPatch((before) => ({ ...before, ...more }) as typeof patch)}
      />
      {parts.layer}
    </>
  )
}
