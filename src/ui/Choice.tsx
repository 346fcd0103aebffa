// One line of choices: pick one, or pick several. Arrow keys move inside, as in any radio group.
import type { KeyboardEvent } from 'react'
import { Labelled } from './Labelled'
import { Row } from './layout'
import { Press } from './Press'
import { Words } from './Words'

export interface Option<T extends string> {
  readonly value: T
  readonly label: string
  /** For the ear, where the label alone says too little: "20 min" for 20. It begins with the label. */
  readonly name?: string
  readonly hint?: string
}

interface ChoiceProps<T extends string> {
  readonly label: string
  readonly options: readonly Option<T>[]
  readonly chosen: readonly T[]
  readonly onToggle: (value: T) => void
  readonly many?: boolean
  /** With its label beside it. */
  readonly shown?: boolean
  /** On one line that swipes. */
  readonly oneLine?: boolean
  /** Called when one was pressed, and not when the arrows went over it. */
  readonly onPick?: () => void
}

const arrowSteps: Readonly<Record<string, 1 | -1>> = {
  ArrowRight: 1,
  ArrowDown: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
}

/**
 * Moves the focus to a neighbour in the same group with the arrow keys; `take` presses it too, as radios and tabs do.
 */
export function moveFocusWithin(
  event: KeyboardEvent<HTMLElement>,
  selector: string,
  take?: (chosen: HTMLElement) => void,
): void {
  const step = arrowSteps[event.key]
  if (step === undefined) return
  const group = [...event.currentTarget.querySelectorAll<HTMLElement>(selector)]
  const at = group.indexOf(document.activeElement as HTMLElement)
  if (at < 0) return
  event.preventDefault()
  event.stopPropagation()
  const next = group[(at + step + group.length) % group.length]
  next?.focus()
  if (next) take?.(next)
}

export function Choice<T extends string>({
  label,
  options,
  chosen,
  onToggle,
  many = false,
  shown = true,
  oneLine = false,
  onPick,
}: ChoiceProps<T>) {
  const role = many ? 'checkbox' : 'radio'
  // A group of radios is one stop for Tab: where one is chosen, there.
  const stop = options.find(({ value }) => chosen.includes(value)) ?? options[0]
  const take = (at: number) => {
    const option = options[at]
    if (option && !chosen.includes(option.value)) onToggle(option.value)
  }
  const choices = (
    <Row
      flex={1}
      gap="$1.5"
      flexWrap={oneLine ? 'nowrap' : 'wrap'}
      className={oneLine ? 'swipes' : undefined}
      role={many ? 'group' : 'radiogroup'}
      aria-label={label}
      onKeyDown={(event: KeyboardEvent<HTMLElement>) =>
        moveFocusWithin(
          event,
          `[role=${role}]`,
          many ? undefined : (next) => take(Number(next.dataset['at'])),
        )
      }
    >
      {options.map(({ value, label: text, hint }, at) => {
        const on = chosen.includes(value)
        return (
          <Press
            key={value}
            role={role}
            aria-checked={on}
            tabIndex={many || value === stop?.value ? 0 : -1}
            data-at={at}
            flexShrink={oneLine ? 0 : 1}
            onPress={() => {
              onToggle(value)
              onPick?.()
            }}
            paddingHorizontal="$3"
            minHeight={40}
            minWidth={40}
            gap="$1.5"
            justifyContent="center"
            borderWidth={1}
            borderColor={on ? '$brass' : '$rule'}
            backgroundColor={on ? '$brassWash' : '$slip'}
            hoverStyle={{ borderColor: '$brass' }}
            title={hint}
          >
            <Words size="second" strong={on} tone={on ? 'brass' : 'ink'}>
              {text}
            </Words>
          </Press>
        )
      })}
    </Row>
  )
  return shown ? (
    <Labelled label={label}>{choices}</Labelled>
  ) : (
    <Row flexShrink={1} maxWidth="100%">
      {choices}
    </Row>
  )
}
