// What was understood of a sentence: a chip for each part, which opens its chooser and can be taken off; and why a
// guess is one.
import { useState } from 'react'
import type { ActionPatch, Clause, Sentence } from '@/core/sentence'
import { takenOffKey } from '@/core/sentence'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import type { LocalMoment } from '@/core/time'
import { useReader } from '@/held/reader'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { Chip, OfferChip, Row, Words } from '@/ui'
import { OpenedChooser, OpenedSaidAgain, useChooser } from '@/parts/choosers/useChooser'
import { sayableOf } from '@/parts/said/sayableOf'
import { chipWords, guessWords, againWords, openedBy, shortened } from '@/words'
import { useSentenceContext } from './useSentence'

interface UnderstoodProps {
  readonly text: string
  readonly sentence: Sentence
  readonly takenOff: readonly string[]
  /** The day the words were said; today where it is left out. */
  readonly said?: LocalMoment
  /** The chips are on one line that swipes: why a guess is one is told below it, by `Guesses`. */
  readonly onOneLine?: boolean
  /** A part was taken off, or said otherwise by choosing. */
  readonly onSaid: (text: string, takenOff: readonly string[]) => void
}

const capitalised = (name: string): string => name.charAt(0).toLocaleUpperCase('en-GB') + name.slice(1)

/** Whether there is anything to show of a sentence. */
export function useHasUnderstood(text: string, { clauses }: Sentence): boolean {
  const reader = useReader()
  return clauses.length > 0 || reader.unknownNameIn(text, clauses) !== null
}

export function Understood({ text, sentence, takenOff, said, onOneLine = false, onSaid }: UnderstoodProps) {
  const today = useToday()
  const { clauses } = sentence
  const takeOff = (...keys: string[]) => onSaid(text, [...takenOff, ...keys])
  const { chooser, again, chooseFor, layer } = useResaying({ text, sentence, takenOff, said, onSaid })
  const counts = new Map<string, number>()
  const keyOf = (kind: string) => {
    counts.set(kind, (counts.get(kind) ?? 0) + 1)
    return `${kind}${counts.get(kind)}`
  }
  return (
    <>
      {clauses.map((clause) => {
        const words = text.slice(clause.start, clause.end)
        if (clause.kind === 'question')
          return (
            <Question
              key={keyOf('question')}
              clause={clause}
              words={words}
              onTakenOff={(keys) => takeOff(...keys)}
            />
          )
        return (
          <Chip
            key={keyOf(clause.kind)}
            text={chipWords(clause, said?.date ?? today)}
            unsure={clause.guess !== null}
            why={clause.guess ? guessWords[clause.guess] : undefined}
            opens={chooser.opened !== null || again !== null ? undefined : 'dialog'}
            onPress={() => chooseFor(clause)}
            onTakeOff={() => takeOff(takenOffKey(clause.kind, words))}
          />
        )
      })}
      <UnknownName text={text} clauses={clauses} />
      {onOneLine ? null : <Guesses text={text} sentence={sentence} />}
      {layer}
    </>
  )
}

/** Why a guess is one, of the first two. */
export function Guesses({ text, sentence: { clauses } }: Pick<UnderstoodProps, 'text' | 'sentence'>) {
  const guesses = clauses.filter(({ guess }) => guess !== null).slice(0, 2)
  if (guesses.length === 0) return null
  return (
    <Row width="100%" gap="$1" flexWrap="wrap" role="note" aria-label="Guesses">
      {guesses.map(({ guess, start, end }) => (
        <Words key={start} size="second" tone="inkSoft">
          {guess ? `“${shortened(text.slice(start, end))}”: ${guessWords[guess]}` : ''}
        </Words>
      ))}
    </Row>
  )
}

/** A name said as a context is said, and not there yet: offered, never taken. */
function UnknownName({ text, clauses }: { text: string; clauses: readonly Clause[] }) {
  const act = useAct()
  const reader = useReader()
  const unknown = reader.unknownNameIn(text, clauses)
  const waiting = clauses.find((clause) => clause.kind === 'waiting')
  const whom = waiting && waiting.name === null && waiting.whom.length <= 40 ? waiting.whom : null
  return (
    <>
      {unknown ? (
        <OfferChip
          icon="plus"
          text={`context ${capitalised(unknown)}`}
          name={`Make ${capitalised(unknown)} a context`}
          onPress={() => act('addContext', { name: capitalised(unknown) })}
        />
      ) : null}
      {whom ? (
        <OfferChip
          icon="plus"
          text={`person ${capitalised(whom)}`}
          name={`Make ${capitalised(whom)} a person`}
          onPress={() => act('addPerson', { name: capitalised(whom) })}
        />
      ) : null}
    </>
  )
}

function Question({
  clause,
  words,
  onTakenOff,
}: {
  clause: Extract<Clause, { kind: 'question' }>
  words: string
  onTakenOff: (keys: string[]) => void
}) {
  return clause.options.map((option) => {
    const kind = option.id.split(':')[0]
    const others = clause.options.filter((other) => other !== option).map(({ id }) => takenOffKey(id, words))
    return (
      <OfferChip
        key={option.id}
        text={`${kind} ${option.name}?`}
        name={`Take ${option.name} as the ${kind}`}
        onPress={() => onTakenOff(others)}
      />
    )
  })
}

/** Choosing for a part of the sentence, so that the sentence says what was chosen. */
function useResaying({ text, sentence, takenOff, said, onSaid }: UnderstoodProps) {
  const reader = useReader()
  const document = useHeldDocument()
  const now = useToday()
  const today = said?.date ?? now
  const context = useSentenceContext(said)
  const chooser = useChooser({ early: text !== '' })
  const [again, setAgain] = useState<Clause | null>(null)
  const read = (words: string) => reader.parseSentence(words, { ...context, takenOff })
  const nameOf = (id: string) => {
    const record = recordIn(document, id as Id) as { name?: string; title?: string } | undefined
    return record?.name ?? record?.title ?? ''
  }
  const say = (words: string) => onSaid(words, reader.stillTakenOff(words, takenOff))
  const set = (patch: ActionPatch) => say(reader.resay(text, patch, { today, nameOf, read }))
  const chooseFor = (clause: Clause) => {
    const field = openedBy(clause)
    if (field) chooser.choose(field)
    else setAgain(clause)
  }
  /** The words in the place of those that said the clause, as they would be read there. */
  const inPlace = (clause: Clause, words: string) =>
    `${text.slice(0, clause.start)}${words}${text.slice(clause.end)}`
  const told = (clause: Clause) => (words: string) => {
    const found = read(inPlace(clause, words)).clauses.find(({ kind }) => kind === clause.kind)
    return found ? chipWords(found, today) : null
  }
  const layer = (
    <>
      <OpenedChooser chooser={chooser} of={sayableOf(reader.draftOf(sentence, today), today)} onSet={set} />
      {again ? (
        <OpenedSaidAgain
          title={againWords(again)}
          words={text.slice(again.start, again.end)}
          told={told(again)}
          onSay={(words) => say(inPlace(again, words))}
          onClose={() => setAgain(null)}
        />
      ) : null}
    </>
  )
  return { chooser, again, chooseFor, layer }
}
