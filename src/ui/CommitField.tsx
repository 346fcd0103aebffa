// A line whose text counts once it is finished: on Enter, when the field is left, and when it goes away. Until then
// what is typed stands as it is typed, whatever the value is meanwhile.
import { useEffect, useRef, useState } from 'react'
import { Field, type FieldProps } from './Field'

interface CommitFieldProps extends Omit<
  FieldProps,
  'value' | 'onChangeText' | 'onBlur' | 'onSubmitEditing' | 'problem'
> {
  readonly value: string
  /** Null where it was taken, else why it cannot be: the text then stays to be mended. */
  readonly onCommit: (text: string) => string | null
}

export function CommitField({ value, onCommit, ...rest }: CommitFieldProps) {
  const [typed, setTyped] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const commit = () => {
    if (typed === null) return
    const refused = typed === value ? null : onCommit(typed)
    setProblem(refused)
    if (refused === null) setTyped(null)
  }
  const leave = useRef(commit)
  useEffect(() => {
    leave.current = commit
  })
  useEffect(() => () => leave.current(), [])
  return (
    <Field
      {...rest}
      value={typed ?? value}
      onChangeText={setTyped}
      onBlur={commit}
      onSubmitEditing={commit}
      problem={problem}
    />
  )
}
