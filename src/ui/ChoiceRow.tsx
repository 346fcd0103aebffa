// One row of choices, the likeliest first, on one line however narrow the screen: what does not fit is a swipe away,
// and *more* stands at the end. Arrow keys move inside; space chooses.
import { useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react'
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
  /** Where the keys begin while nothing is chosen, and marked: places stay as they are. */
  readonly likely?: T | undefined
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
  likely,
  firstFocus = false,
  beside,
}: ChoiceRowProps<T>) {
  const role = many ? 'checkbox' : 'radio'
  const selector = `[role=${role}]`
  const taken = options.findIndex(({ value }) => chosen.includes(value))
  const reached = Math.max(0, taken >= 0 ? taken : options.findIndex(({ value }) => value === likely))
  const row = useRef<HTMLDivElement>(null)
  // What is chosen or likely is in sight, however far along a narrow row it stands.
  const [begun] = useState(reached)
  useLayoutEffect(() => {
    if (begun > 0)
      row.current
        ?.querySelectorAll(selector)
        [begun]?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' })
  }, [begun, selector])
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
          ref={row as never}
          flex={1}
          minWidth={0}
          gap="$2"
          role={many ? 'group' : 'radiogroup'}
          aria-label={label}
          className="swipes"
          onKeyDown={onKeyDown}
        >
          {options.map(({ value, label: text, name }, index) => {
            const isChosen = chosen.includes(value)
            return (
              <Press
                key={value}
                role={role}
                aria-checked={isChosen}
                aria-label={name}
                onPress={() => onToggle(value)}
                paddingHorizontal="$3"
                justifyContent="center"
                flexShrink={0}
                borderWidth={1}
                borderColor={isChosen || value === likely ? '$brass' : '$edge'}
                borderStyle={isChosen || value !== likely ? 'solid' : 'dashed'}
                backgroundColor={isChosen ? '$brassWash' : '$slip'}
                hoverStyle={{ borderColor: '$brass' }}
                tabIndex={index === reached ? 0 : -1}
                autoFocus={firstFocus && index === reached}
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
