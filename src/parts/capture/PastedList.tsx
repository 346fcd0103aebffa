// A pasted list, before it is added: how many slips it makes, whether what is indented are their steps, and the first
// of them to look at.
import { useMemo, useState } from 'react'
import { flatList, pastedList } from '@/core/setdown/pastedList'
import { thoughtOf } from '@/core/setdown/thought'
import { titleLimit } from '@/core/record'
import type { NewSlip } from '@/state'
import { useAct } from '@/held/zen'
import { Button, Choice, Column, Row, Words } from '@/ui'
import { count, shortened } from '@/words'

const shownAtMost = 4

export default function PastedList({ pasted, onDone }: { pasted: string; onDone: () => void }) {
  const act = useAct()
  const whole = useMemo(() => pastedList(pasted), [pasted])
  const indented = whole.reduce((sum, { under }) => sum + under.length, 0)
  const [areSteps, setSteps] = useState(true)
  const lines = areSteps ? whole : flatList(whole)
  const several = count(lines.length, 'slip')
  const setDownAll = () => {
    const slips = lines.map(({ text, under }): NewSlip => {
      const thought = thoughtOf(text)
      return { ...thought, steps: under.map((step) => step.slice(0, titleLimit)) }
    })
    if (act('setDownMany', { slips }, { say: `Add ${several}` }).ok) onDone()
  }
  const setDownOne = () => {
    const thought = thoughtOf(pasted)
    if (act('setDown', thought, { say: `Added to the Tray: ${shortened(thought.text)}` }).ok) onDone()
  }
  return (
    <Column
      role="group"
      aria-label="Pasted list"
      gap="$2"
      padding="$3"
      backgroundColor="$slip"
      borderWidth={1}
      borderColor="$edge"
      borderRadius={3}
    >
      <Words strong role="status">
        {several} from what you pasted
      </Words>
      <Column render="ul" gap="$0.5">
        {lines.slice(0, shownAtMost).map(({ text, under }, index) => (
          <Row render="li" key={`${index} ${text}`} gap="$2">
            <Words size="second" oneLine flexShrink={1}>
              {shortened(text)}
            </Words>
            {under.length > 0 ? (
              <Words size="second" tone="brass" flexShrink={0}>
                {count(under.length, 'step')}
              </Words>
            ) : null}
          </Row>
        ))}
        {lines.length > shownAtMost ? (
          <Words render="li" size="second" tone="inkSoft">
            and {lines.length - shownAtMost} more
          </Words>
        ) : null}
      </Column>
      {indented > 0 ? (
        <Choice
          label={`${count(indented, 'indented line')}`}
          options={[
            { value: 'steps', label: indented === 1 ? 'a step' : 'steps' },
            { value: 'slips', label: indented === 1 ? 'a slip of its own' : 'slips of their own' },
          ]}
          chosen={[areSteps ? 'steps' : 'slips']}
          onToggle={(value) => setSteps(value === 'steps')}
        />
      ) : null}
      <Row gap="$2" flexWrap="wrap">
        <Button kind="main" label={`Add ${several}`} onPress={setDownAll} autoFocus />
        <Button label="As one slip with a note" onPress={setDownOne} />
        <Button kind="quiet" label="Cancel" onPress={onDone} />
      </Row>
    </Column>
  )
}
