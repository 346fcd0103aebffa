// One line that reads plain sentences and changes what is opened: it shows what would change, from what to what, and
// Enter does it. What it does not understand stays in the line.
import { useEffect, useRef, useState, type Ref } from 'react'
import type { TextInput } from 'react-native'
import { Button, Column, Field, Preview, Row, Words } from '@/ui'
import type { Name } from '@/core/sentence'
import { desk, useDesk } from '@/held/desk'

export interface SaidChanges {
  /** One for each field: "due none → Fri 13 Mar". */
  readonly changes: readonly string[]
  readonly unread: readonly string[]
  readonly questions?: readonly { readonly words: string; readonly options: readonly Name[] }[]
}

interface SayWhatChangesProps {
  readonly read: (text: string) => SaidChanges
  /** Changes what was read; false where it was refused. */
  readonly onSay: (text: string) => boolean
  /** Makes a context of a name that is not there. */
  readonly onMakeContext?: (name: string) => void
  readonly placeholder: string
}

/** A word or two that could be the name of something. */
const mayBeName = (words: string): boolean =>
  /^[\p{L}][\p{L}\p{N} '’-]{0,39}$/u.test(words) && !/^(?:no|not|without)\b/i.test(words)

export function SayWhatChanges({ read, onSay, onMakeContext, placeholder }: SayWhatChangesProps) {
  const [text, setText] = useState('')
  const line = useRef<TextInput>(null)
  const isAsked = useDesk((state) => state.amendAsked)
  useEffect(() => {
    if (!isAsked) return
    line.current?.focus()
    desk.getState().askAmend(false)
  }, [isAsked])
  const [isFinished, setFinished] = useState(false)
  const { changes, unread, questions = [] } = read(text)
  // What is still being typed is not judged yet.
  const judged = isFinished ? unread : unread.filter((words) => !text.trim().endsWith(words))
  const say = () => {
    setFinished(true)
    if (changes.length === 0) return
    if (onSay(text)) setText(unread.join(', '))
  }
  return (
    <Column gap="$1.5">
      <Row gap="$2">
        <Field
          ref={line as Ref<TextInput>}
          label="Say what to change"
          placeholder={placeholder}
          value={text}
          onChangeText={(next) => {
            setText(next)
            setFinished(false)
          }}
          onSubmitEditing={say}
          blurOnSubmit={false}
          maxLength={500}
          onKeyPress={(event) => {
            if (event.nativeEvent.key !== 'Escape') return
            // It leaves the line, and does not close what the line stands in.
            event.preventDefault()
            event.stopPropagation()
            line.current?.blur()
          }}
          dashed
        />
        {changes.length > 0 ? <Button label="Change it" flexShrink={0} onPress={say} /> : null}
      </Row>
      <Preview label="What would change">
        {changes.map((change) => (
          <Words key={change} size="second" tone="brass">
            {change}
          </Words>
        ))}
        {questions.map(({ words, options }) => (
          <Words key={words} size="second" tone="clay">
            “{words}” is {options.map(({ id, name }) => `the ${id.split(':')[0]} ${name}`).join(' or ')}.
          </Words>
        ))}
        {judged.map((words) => (
          <Row key={words} gap="$2" flexWrap="wrap">
            <Words size="second" tone="inkSoft">
              Not understood: “{words}”
            </Words>
            {onMakeContext && mayBeName(words) ? (
              <Button
                kind="quiet"
                label={`Make “${words}” a context`}
                onPress={() => {
                  onMakeContext(words)
                  line.current?.focus()
                }}
              />
            ) : null}
          </Row>
        ))}
      </Preview>
    </Column>
  )
}
