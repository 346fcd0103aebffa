// The parts of a review, made one's own: left out, moved, and questions added.
import { useState } from 'react'
import type { Id, ReviewRhythm } from '@/core/record'
import { Button, Column, Field, IconButton, Row, SlideOver, Words } from '@/ui'
import { useAct, useHeldDocument } from '@/held/zen'
import { refusalWords, shortened } from '@/words'
import { questionWords, reviewWords, stoneLabel } from '@/words/reviews'
import { useReads } from './reads'

export function PartsOfReview({ rhythm }: { rhythm: ReviewRhythm }) {
  const [isOpen, setOpen] = useState(false)
  return (
    <>
      {rhythm === 'week' ? (
        <Button
          kind="quiet"
          alignSelf="flex-start"
          label="Parts of the review"
          aria-haspopup="dialog"
          onPress={() => setOpen(true)}
        />
      ) : (
        <IconButton
          label={`Parts of the ${reviewWords[rhythm].toLowerCase()}`}
          icon="settings"
          aria-haspopup="dialog"
          onPress={() => setOpen(true)}
        />
      )}
      {isOpen ? <PartsSheet rhythm={rhythm} onClose={() => setOpen(false)} /> : null}
    </>
  )
}

function PartsSheet({ rhythm, onClose }: { rhythm: ReviewRhythm; onClose: () => void }) {
  const act = useAct()
  const { reviews } = useReads()
  const parts = reviews.everyStoneOf(useHeldDocument(), rhythm)
  const nameOf = ({ key, question }: (typeof parts)[number]) =>
    question ?? questionWords(rhythm, key) ?? stoneLabel(key)
  return (
    <SlideOver title={`Parts of the ${reviewWords[rhythm].toLowerCase()}`} onClose={onClose}>
      <Words size="second" tone="inkSoft">
        A part is shown when it has something. Leave out what you don’t need.
      </Words>
      <Column render="ul" aria-label="Parts">
        {parts.map((part, at) => {
          const { key, isOff, question } = part
          const name = shortened(nameOf(part))
          return (
            <Row key={key} render="li" gap="$1" minHeight={48} borderBottomWidth={1} borderColor="$rule">
              <Column flex={1} minWidth={0}>
                <Words tone={isOff ? 'inkSoft' : 'ink'} className="clamped two">
                  {nameOf(part)}
                </Words>
              </Column>
              {question === null ? (
                <Button
                  kind="quiet"
                  label={isOff ? 'Take in' : 'Leave out'}
                  aria-label={`${isOff ? 'Take in' : 'Leave out'}: ${name}`}
                  onPress={() => act('setStone', { rhythm, key, isOff: !isOff })}
                />
              ) : (
                <Button
                  kind="quiet"
                  label="Remove"
                  aria-label={`Remove: ${name}`}
                  onPress={() =>
                    act('removeQuestion', { id: key as Id<'reviewStone'> }, { say: 'Question removed' })
                  }
                />
              )}
              <IconButton
                label={`${name} earlier`}
                icon="up"
                disabled={at === 0}
                onPress={() => act('moveStone', { rhythm, key, places: -1 })}
              />
              <IconButton
                label={`${name} later`}
                icon="down"
                disabled={at === parts.length - 1}
                onPress={() => act('moveStone', { rhythm, key, places: 1 })}
              />
            </Row>
          )
        })}
      </Column>
      <AddQuestion rhythm={rhythm} />
    </SlideOver>
  )
}

function AddQuestion({ rhythm }: { rhythm: ReviewRhythm }) {
  const act = useAct()
  const [text, setText] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const add = () => {
    if (text.trim() === '') return
    const outcome = act('addQuestion', { rhythm, question: text }, { say: 'Question added', atField: true })
    if (outcome.ok) setText('')
    setProblem(outcome.ok ? null : refusalWords(outcome.error))
  }
  return (
    <Row gap="$2" alignItems="flex-end">
      <Row flex={1} minWidth={0}>
        <Field
          label="A question of your own"
          shown
          placeholder="What did I learn?"
          value={text}
          problem={problem}
          onChangeText={(next) => {
            setText(next)
            setProblem(null)
          }}
          onSubmitEditing={add}
        />
      </Row>
      <Button label="Add" aria-label="Add the question" disabled={text.trim() === ''} onPress={add} />
    </Row>
  )
}
