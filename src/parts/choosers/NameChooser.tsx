// Choosing by name, typed or touched: what exists, the latest first, and at the end the way to make what does not.
import { useTheme } from '@tamagui/core'
import { useCombobox } from 'downshift'
import { useState, type ReactNode } from 'react'
import { Column, fieldFrame, Icon, Row, Seal, Words } from '@/ui'
import { ChooserSheet } from './ChooserSheet'

export interface NamedOption {
  readonly id: string
  readonly name: string
  /** A second, softer word: "area", "chosen". */
  readonly hint?: string
  readonly seal?: { readonly letters: string; readonly ink: number } | null
  readonly isChosen?: boolean
}

export interface NameChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  readonly options: readonly NamedOption[]
  readonly none?: ReactNode
  /** What can be made of a name that is typed and not there: said as `make “…”`. */
  readonly makes: readonly {
    readonly says: (name: string) => string
    readonly make: (name: string) => void
  }[]
  readonly onChoose: (id: string) => void
  readonly onClose: () => void
}

type Item =
  | { readonly kind: 'option'; readonly option: NamedOption }
  | { readonly kind: 'make'; readonly says: string; readonly make: () => void }

const plain = (text: string) => text.toLowerCase().replace(/[’]/g, "'").trim()

/** Names that begin with what is typed, then those in which a word begins with it. */
function found(options: readonly NamedOption[], typed: string): NamedOption[] {
  const said = plain(typed)
  if (said === '') return [...options]
  const starts = options.filter(({ name }) => plain(name).startsWith(said))
  const inside = options.filter(
    (option) =>
      !starts.includes(option) &&
      plain(option.name)
        .split(/\s+/)
        .some((word) => word.startsWith(said)),
  )
  return [...starts, ...inside]
}

export function NameChooser({ title, anchor, options, none, makes, onChoose, onClose }: NameChooserProps) {
  const [typed, setTyped] = useState('')
  const theme = useTheme()
  const [focused, setFocused] = useState(false)
  const name = typed.replace(/\s+/g, ' ').trim()
  const isKnown = options.some((option) => plain(option.name) === plain(typed))
  const items: Item[] = [
    ...found(options, typed)
      .slice(0, 60)
      .map((option): Item => ({ kind: 'option', option })),
    ...(name === '' || isKnown ? [] : makes).map(({ says, make }): Item => ({
      kind: 'make',
      says: says(name),
      make: () => make(name),
    })),
  ]
  const { getInputProps, getMenuProps, getItemProps, highlightedIndex } = useCombobox<Item>({
    items,
    inputValue: typed,
    isOpen: true,
    defaultHighlightedIndex: 0,
    itemToString: () => typed,
    // A list that shrinks from under a resting mouse keeps its first: Enter takes it.
    stateReducer: ({ highlightedIndex }, { type, changes }) =>
      type === useCombobox.stateChangeTypes.MenuMouseLeave ? { ...changes, highlightedIndex } : changes,
    onSelectedItemChange: ({ selectedItem }) => {
      if (!selectedItem) return
      if (selectedItem.kind === 'option') onChoose(selectedItem.option.id)
      else selectedItem.make()
      onClose()
    },
  })
  return (
    <ChooserSheet title={title} anchor={anchor} onClose={onClose} none={none}>
      <input
        {...getInputProps({
          'aria-label': `${title}: a name`,
          placeholder: options.length > 0 ? 'Type a name' : 'Type a name to make it',
          maxLength: 2000,
          enterKeyHint: 'done',
          // At once: told later, a key that is pressed meanwhile would be lost.
          onChange: (event) => setTyped((event.target as HTMLInputElement).value),
          onKeyDown: (event) => {
            // The dialog closes; the line itself is left as it is.
            if (event.key === 'Escape')
              (event.nativeEvent as unknown as { preventDownshiftDefault: boolean }).preventDownshiftDefault =
                true
          },
        })}
        onFocus={() => setFocused(true)}
        onBlur={() => setFocused(false)}
        style={{ ...fieldFrame(theme, { focused }), width: '100%', padding: '0 12px' }}
        data-first-focus
        data-quiet-focus
      />
      <ul {...getMenuProps({ 'aria-label': title })} className="names">
        {items.map((item, index) => (
          <li
            key={item.kind === 'option' ? item.option.id : item.says}
            {...getItemProps({ item, index })}
            className={index === highlightedIndex ? 'name here' : 'name'}
          >
            {item.kind === 'option' ? <Named option={item.option} /> : <Made says={item.says} />}
          </li>
        ))}
        {items.length === 0 ? (
          <li className="name" role="presentation">
            <Words tone="inkSoft">Nothing to choose from yet.</Words>
          </li>
        ) : null}
      </ul>
    </ChooserSheet>
  )
}

const Named = ({ option: { name, hint, seal, isChosen } }: { option: NamedOption }) => (
  <Row gap="$2.5" width="100%">
    {seal === undefined ? null : <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />}
    <Column flex={1} minWidth={0}>
      <Words strong={isChosen} tone={isChosen ? 'brass' : 'ink'}>
        {name}
      </Words>
    </Column>
    {hint ? (
      <Words size="second" tone="inkSoft">
        {hint}
      </Words>
    ) : null}
    {isChosen ? <Icon name="check" size={18} tone="brass" /> : null}
  </Row>
)

const Made = ({ says }: { says: string }) => (
  <Row gap="$2.5">
    <Icon name="plus" size={18} tone="brass" />
    <Words tone="brass">{says}</Words>
  </Row>
)
