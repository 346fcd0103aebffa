// One step being written: Enter goes on to the next, Tab deeper, Shift and Tab back, Alt and an arrow up or down; the
// same by touch in the row below it, with taking it off and making it an action.
import { useRef, useState, type FocusEvent } from 'react'
import { isIdOf, type Id, type Step } from '@/core/record'
import { placeBack, placeBeside, placeDeeper, type StepPlace } from '@/core/steps'
import { useAct } from '@/held/zen'
import { EditText } from '@/parts/text/EditText'
import { Button, IconButton, Row } from '@/ui'
import { shortened } from '@/words'
import { keyOf } from './keyOf'
import { StepTick } from './StepTick'

export function StepEdit({
  steps,
  step,
  indent,
  before,
  onEdit,
  onNext,
}: {
  steps: readonly Step[]
  step: Step
  indent: number
  /** The row above: it is written in once this one is removed. */
  before: Id<'step'> | null
  onEdit: (id: Id<'step'> | null) => void
  onNext: () => void
}) {
  const act = useAct()
  const row = useRef<HTMLLIElement>(null)
  const [text, setText] = useState(step.title)
  const { id, title, ownerId } = step
  const move = (place: StepPlace | null): boolean =>
    place !== null && act('moveStep', { id, place }, { say: false }).ok
  const places = {
    deeper: placeDeeper(steps, step),
    back: placeBack(steps, step),
    up: placeBeside(steps, step, -1),
    down: placeBeside(steps, step, 1),
  }
  const remove = () => {
    act('removeStep', { id }, { say: `Step removed: ${shortened(title)}` })
    onEdit(before)
  }
  const onBlur = ({ relatedTarget }: FocusEvent) => {
    if (relatedTarget && !row.current?.contains(relatedTarget)) onEdit(null)
  }
  return (
    <li ref={row} className="step-row written" style={{ paddingLeft: indent }} onBlur={onBlur}>
      <div className="step-field">
        <EditText
          name={`${id} title`}
          label={`Step: ${shortened(title)}`}
          bare
          autoFocus
          value={title}
          onTyped={setText}
          onKeep={(kept, typing) =>
            act('editStep', { id, title: kept }, { say: false, atField: true, ...typing })
          }
          needed="A step needs a word. Backspace again removes it."
          onKeyPress={(event) => {
            const { pressed, isShift, isAlt, prevent } = keyOf(event)
            if (pressed === 'Enter') {
              prevent()
              onNext()
            } else if (pressed === 'Escape') {
              prevent()
              onEdit(null)
            } else if (pressed === 'Tab' && move(isShift ? places.back : places.deeper)) prevent()
            else if (isAlt && pressed === 'ArrowUp' && move(places.up)) prevent()
            else if (isAlt && pressed === 'ArrowDown' && move(places.down)) prevent()
            else if (pressed === 'Backspace' && text === '') {
              prevent()
              remove()
            }
          }}
        />
      </div>
      <StepTick step={step} />
      <Row className="step-acts" role="group" aria-label={`What can be done with ${shortened(title)}`}>
        <IconButton
          label="Deeper"
          icon="next"
          disabled={!places.deeper}
          onPress={() => move(places.deeper)}
        />
        <IconButton label="Back" icon="previous" disabled={!places.back} onPress={() => move(places.back)} />
        <IconButton label="Up" icon="up" disabled={!places.up} onPress={() => move(places.up)} />
        <IconButton label="Down" icon="down" disabled={!places.down} onPress={() => move(places.down)} />
        {isIdOf('slip', ownerId) ? null : (
          <Button
            kind="quiet"
            label="As an action"
            aria-label={`Make ${shortened(title)} an action`}
            onPress={() => {
              act('pullStepOut', { id }, { say: `Made an action: ${shortened(title)}` })
              onEdit(null)
            }}
          />
        )}
        <IconButton label={`Remove ${shortened(title)}`} icon="close" onPress={remove} />
      </Row>
    </li>
  )
}
