// How a list is shown: one of several ways, several details in an order, how many a column holds at most, the ink of
// its seal.
import { useState, type KeyboardEvent } from 'react'
import { areaInks, Button, Choice, Column, Field, IconButton, moveFocusWithin, Press, Row, Words } from '@/ui'
import { ChooserSheet } from './ChooserSheet'
import { ScaleChooser } from './ScaleChooser'

interface Option {
  readonly value: string
  readonly label: string
}

export type LookTarget =
  | {
      readonly kind: 'one'
      readonly title: string
      readonly options: readonly Option[]
      readonly chosen: string
      readonly onChoose: (value: string) => void
    }
  | {
      readonly kind: 'order'
      readonly title: string
      readonly options: readonly Option[]
      readonly chosen: readonly string[]
      /** What holds where none is chosen: the first change begins with these. */
      readonly usual?: readonly string[]
      /** What choosing none of them means. */
      readonly none: string
      readonly onChange: (chosen: readonly string[]) => void
    }
  | {
      readonly kind: 'limit'
      readonly title: string
      readonly limit: number | null
      readonly onChoose: (limit: number | null) => void
    }
  | {
      readonly kind: 'ink'
      readonly title: string
      readonly ink: number
      readonly onChoose: (ink: number) => void
    }

export interface LookChooserProps {
  readonly target: LookTarget
  readonly anchor: DOMRect | null
  readonly onClose: () => void
}

export function LookChooser({ target, anchor, onClose }: LookChooserProps) {
  switch (target.kind) {
    case 'one':
      return (
        <ScaleChooser
          title={target.title}
          anchor={anchor}
          options={target.options}
          chosen={target.chosen}
          onChoose={(value) => {
            if (value !== null) target.onChoose(value)
          }}
          onClose={onClose}
        />
      )
    case 'order':
      return <SeveralInOrder target={target} anchor={anchor} onClose={onClose} />
    case 'limit':
      return <LimitChooser target={target} anchor={anchor} onClose={onClose} />
    case 'ink':
      return <InkChooser target={target} anchor={anchor} onClose={onClose} />
  }
}

type Of<K extends LookTarget['kind']> = Omit<LookChooserProps, 'target'> & {
  readonly target: Extract<LookTarget, { kind: K }>
}

function SeveralInOrder({
  target: { title, options, none, usual = [], ...target },
  anchor,
  onClose,
}: Of<'order'>) {
  const [own, setChosen] = useState(target.chosen)
  const chosen = own.length > 0 ? own : usual
  const set = (next: readonly string[]) => {
    setChosen(next)
    target.onChange(next)
  }
  const move = (at: number, by: 1 | -1) => {
    const next = [...chosen]
    next.splice(at + by, 0, ...next.splice(at, 1))
    set(next)
  }
  const labelOf = (value: string) => options.find((option) => option.value === value)?.label ?? value
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={own.length > 0 ? <Button kind="quiet" label={none} onPress={() => set([])} /> : null}
    >
      <Choice
        many
        shown={false}
        label={title}
        options={options}
        chosen={chosen}
        onToggle={(value) =>
          set(chosen.includes(value) ? chosen.filter((other) => other !== value) : [...chosen, value])
        }
      />
      {chosen.length > 1 ? (
        <Column render="ol" aria-label="In this order">
          {chosen.map((value, at) => (
            <Row key={value} render="li" borderTopWidth={1} borderColor="$rule" minHeight={44}>
              <Words flex={1}>{labelOf(value)}</Words>
              <IconButton
                label={`${labelOf(value)} earlier`}
                icon="up"
                disabled={at === 0}
                onPress={() => move(at, -1)}
              />
              <IconButton
                label={`${labelOf(value)} later`}
                icon="down"
                disabled={at === chosen.length - 1}
                onPress={() => move(at, 1)}
              />
            </Row>
          ))}
        </Column>
      ) : null}
      <Row justifyContent="flex-end">
        <Button label="Done" onPress={onClose} />
      </Row>
    </ChooserSheet>
  )
}

function InkChooser({ target: { title, ink, onChoose }, anchor, onClose }: Of<'ink'>) {
  return (
    <ChooserSheet title={title} anchor={anchor} onClose={onClose}>
      <Row
        gap="$1"
        flexWrap="wrap"
        role="radiogroup"
        aria-label={title}
        onKeyDown={(event: KeyboardEvent<HTMLElement>) => moveFocusWithin(event, '[role=radio]')}
      >
        {areaInks.map((colour, at) => (
          <Press
            key={colour}
            role="radio"
            aria-checked={at === ink}
            aria-label={`Ink ${at + 1}`}
            justifyContent="center"
            borderWidth={2}
            borderColor={at === ink ? '$brass' : 'transparent'}
            onPress={() => {
              onChoose(at)
              onClose()
            }}
          >
            <Column width={28} height={28} borderRadius={6} style={{ backgroundColor: colour }} />
          </Press>
        ))}
      </Row>
    </ChooserSheet>
  )
}

const usualLimits = [1, 2, 3, 5, 7, 10] as const

function LimitChooser({ target: { title, limit, onChoose }, anchor, onClose }: Of<'limit'>) {
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const choose = (next: number | null) => {
    onChoose(next)
    onClose()
  }
  const take = () => {
    const number = Number(typed.trim())
    if (Number.isInteger(number) && number >= 1 && number <= 999) choose(number)
    else setProblem('Type a whole number from 1 to 999.')
  }
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={limit === null ? null : <Button kind="quiet" label="no limit" onPress={() => choose(null)} />}
    >
      <Row gap="$2" flexWrap="wrap">
        {usualLimits.map((number) => (
          <Button
            key={number}
            label={String(number)}
            chosen={number === limit}
            paddingHorizontal="$3.5"
            onPress={() => choose(number)}
          />
        ))}
      </Row>
      <Field
        label="Any other number"
        placeholder="any other: 12"
        inputMode="numeric"
        value={typed}
        maxLength={6}
        problem={problem}
        onChangeText={(text) => {
          setTyped(text)
          setProblem(null)
        }}
        onSubmitEditing={take}
      />
    </ChooserSheet>
  )
}
