// One row of choices, the likeliest first, on one line however narrow the screen: what does not fit is a swipe away, and
// *more* stands at the end. Arrow keys move inside; space chooses.
import type { KeyboardEvent } from 'react'
import { moveFocusWithin, type Option } from './Choice'
import { Column, Row } from './layout'
import { Press } from './Press'
import { Words } from './Words'

interface ChoiceRowProps<T extends string> {
  readonly label: string
  readonly options: readonly Option<T>[]
  readonly chosen: readonly T[]
  readonly many?: boolean
  readonly onToggle: (value: T) => void
  /** Left out where there is nothing more to choose from. */
  readonly onMore?: () => void
  /** Takes the focus when it is shown. */
  readonly firstFocus?: boolean
  /** Something that goes with what is chosen, on or off, at the end of the row. */
  readonly beside?:
    { readonly label: string; readonly isOn: boolean; readonly onToggle: () => void } | undefined
}

export function ChoiceRow<T extends string>({
  label,
  options,
  chosen,
  many = false,
  onToggle,
  onMore,
  firstFocus = false,
  beside,
}: ChoiceRowProps<T>) {
  const role = many ? 'checkbox' : 'radio'
  const selector = `[role=${role}]`
  const reached = options.findIndex(({ value }) => chosen.includes(value))
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const before = document.activeElement
    moveFocusWithin(event, selector)
    // As in any radio group, what the arrows reach is chosen.
    if (!many && document.activeElement !== before) (document.activeElement as HTMLElement).click()
  }
  return (
    <Column gap="$1">
      <Words size="second" tone="inkSoft" aria-hidden>
        {label}
      </Words>
      <Row gap="$2">
        <Row
          flex={1}
          minWidth={0}
          gap="$2"
          role={many ? 'group' : 'radiogroup'}
          aria-label={label}
          className="swipes"
          onKeyDown={onKeyDown}
        >
          {options.map(({ value, label: text }, index) => {
            const isChosen = chosen.includes(value)
            return (
              <Press
                key={value}
                role={role}
                aria-checked={isChosen}
                onPress={() => onToggle(value)}
                paddingHorizontal="$3"
                justifyContent="center"
                flexShrink={0}
                borderWidth={1}
                borderColor={isChosen ? '$brass' : '$edge'}
                backgroundColor={isChosen ? '$brassWash' : '$slip'}
                hoverStyle={{ borderColor: '$brass' }}
                tabIndex={index === Math.max(0, reached) ? 0 : -1}
                autoFocus={firstFocus && index === Math.max(0, reached)}
              >
                <Words strong={isChosen} tone={isChosen ? 'brass' : 'ink'} whiteSpace="nowrap">
                  {text}
                </Words>
              </Press>
            )
          })}
        </Row>
        {onMore ? (
          <Press
            onPress={onMore}
            paddingHorizontal="$2.5"
            justifyContent="center"
            aria-label={`${label}: more`}
            aria-haspopup="dialog"
          >
            <Words tone="brass">more</Words>
          </Press>
        ) : null}
        {beside ? (
          <Press
            role="checkbox"
            aria-checked={beside.isOn}
            onPress={beside.onToggle}
            paddingHorizontal="$2.5"
            justifyContent="center"
            flexShrink={0}
            borderWidth={1}
            borderColor={beside.isOn ? '$brass' : '$edge'}
            backgroundColor={beside.isOn ? '$brassWash' : '$slip'}
          >
            <Words strong={beside.isOn} tone={beside.isOn ? 'brass' : 'ink'} whiteSpace="nowrap">
              {beside.label}
            </Words>
          </Press>
        ) : null}
      </Row>
    </Column>
  )
}
