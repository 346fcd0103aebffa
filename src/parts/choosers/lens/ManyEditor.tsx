// Conditions in a condition: how they are joined, each of them opened where it stands, and one more by saying it.
import { useState, type ComponentType } from 'react'
import { joins, type Condition } from '@/core/lens/lens'
import { inSentenceOrder } from '@/core/lens/sentenceOrder'
import { Button, Choice, Column, Field, IconButton, Row, Words } from '@/ui'
import { useHeldDocument } from '@/held/zen'
import type { EditorProps } from './editorProps'

export function ManyEditor({
  condition,
  lenses,
  say,
  onSet,
  editor: Editor,
}: EditorProps<Extract<Condition, { kind: 'many' }>> & {
  /** What sets each of them. */
  readonly editor: ComponentType<EditorProps>
}) {
  const names = lenses.lensNamesOf(useHeldDocument())
  const [opened, setOpened] = useState<number | null>(null)
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const { joined, of } = condition
  const setOf = (next: readonly Condition[]) => onSet({ ...condition, of: next })
  const add = () => {
    const said = say(typed)
    if (!said) return setProblem('I can’t read that. Try “up to 20 min” or “at Desk”.')
    setOf(inSentenceOrder([...of, said]))
    setTyped('')
    setOpened(null)
  }
  return (
    <Column gap="$3">
      <Choice
        shown={false}
        label="How they are joined"
        options={joins.map((join) => ({ value: join, label: lenses.joinWords[join] }))}
        chosen={[joined]}
        onToggle={(value) => onSet({ ...condition, joined: value })}
      />
      <Column render="ul" aria-label="Conditions in it">
        {of.map((each, at) => (
          <Column
            key={at}
            render="li"
            borderBottomWidth={1}
            borderColor="$rule"
            paddingVertical="$1"
            gap="$2"
          >
            <Row justifyContent="space-between">
              <Button
                kind="quiet"
                label={lenses.conditionWords(each, names)}
                aria-expanded={opened === at}
                onPress={() => setOpened(opened === at ? null : at)}
              />
              {of.length > 1 ? (
                <IconButton
                  label={`Take off ${lenses.conditionWords(each, names)}`}
                  icon="close"
                  onPress={() => {
                    setOf(of.filter((_, other) => other !== at))
                    setOpened(null)
                  }}
                />
              ) : null}
            </Row>
            {opened === at ? (
              <Editor
                condition={each}
                lenses={lenses}
                say={say}
                onSet={(next) => setOf(of.map((other, place) => (place === at ? next : other)))}
              />
            ) : null}
          </Column>
        ))}
      </Column>
      <Field
        label="Another condition"
        placeholder="another: up to 20 min, at Desk"
        value={typed}
        maxLength={300}
        onChangeText={(text) => {
          setTyped(text)
          setProblem(null)
        }}
        onSubmitEditing={add}
        problem={problem}
        dashed
      />
      <Words size="second" tone="inkSoft">
        {joined === 'all' ? 'All of them hold.' : joinedWords[joined]}
      </Words>
    </Column>
  )
}
const joinedWords = { any: 'At least one of them holds.', none: 'Not one of them holds.' } as const
