// The worth of an action in a small square: upwards what it brings in, to the right how much of it only this person
// can do. One touch sets both.
import { kindOfWork } from '@/core/action/worth'
import { levels, type Level } from '@/core/record'
import { Button, Column, moveFocusWithin, Press, Row, Words } from '@/ui'
import { workWords, worthWords } from '@/words'
import { ChooserSheet } from './ChooserSheet'

/** Upwards it grows. */
const fromTop = [...levels].reverse()

export function WorthChooser({
  title,
  anchor,
  payoff,
  craft,
  onChoose,
  onClose,
}: {
  title: string
  anchor: DOMRect | null
  payoff: Level | null
  craft: Level | null
  onChoose: (payoff: Level | null, craft: Level | null) => void
  onClose: () => void
}) {
  const choose = (chosenPayoff: Level | null, chosenCraft: Level | null) => {
    onChoose(chosenPayoff, chosenCraft)
    onClose()
  }
  const isSet = payoff !== null || craft !== null
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={isSet ? <Button kind="quiet" label="not weighed" onPress={() => choose(null, null)} /> : null}
    >
      <Row gap="$2" alignItems="stretch">
        <Column justifyContent="space-between" width={64} paddingVertical="$2">
          <Words size="second" tone="inkSoft" aria-hidden>
            brings in much
          </Words>
          <Words size="second" tone="inkSoft" aria-hidden>
            little
          </Words>
        </Column>
        <Column
          flex={1}
          gap="$1"
          role="radiogroup"
          aria-label={title}
          onKeyDown={(event) => moveFocusWithin(event as never, '[role=radio]')}
        >
          {fromTop.map((up) => (
            <Row key={up} gap="$1">
              {levels.map((across) => (
                <Cell
                  key={across}
                  payoff={up}
                  craft={across}
                  isChosen={up === payoff && across === craft}
                  onPress={() => choose(up, across)}
                />
              ))}
            </Row>
          ))}
        </Column>
      </Row>
      <Row justifyContent="space-between" style={{ paddingLeft: 72 }}>
        <Words size="second" tone="inkSoft" aria-hidden>
          anybody can
        </Words>
        <Words size="second" tone="inkSoft" aria-hidden>
          only I can
        </Words>
      </Row>
    </ChooserSheet>
  )
}

function Cell({
  payoff,
  craft,
  isChosen,
  onPress,
}: {
  payoff: Level
  craft: Level
  isChosen: boolean
  onPress: () => void
}) {
  const kind = kindOfWork(payoff, craft)
  return (
    <Press
      role="radio"
      aria-checked={isChosen}
      aria-label={worthWords(payoff, craft) ?? ''}
      flex={1}
      minWidth={0}
      minHeight={56}
      justifyContent="center"
      borderWidth={1}
      borderColor={isChosen ? '$brass' : '$edge'}
      backgroundColor={isChosen ? '$brassWash' : '$slip'}
      hoverStyle={{ borderColor: '$ink' }}
      data-first-focus={isChosen ? '' : undefined}
      onPress={onPress}
    >
      <Words size="second" textAlign="center" strong={isChosen} tone={isChosen ? 'brass' : 'ink'}>
        {kind ? workWords[kind] : ''}
      </Words>
    </Press>
  )
}
