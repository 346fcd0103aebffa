// The line for another step. Enter lays it in and stays, Tab goes deeper, Shift and Tab back, a pasted list becomes so
// many steps. What is typed is in the device's memory until it is laid in.
import { useLayoutEffect, useRef, useState, type ClipboardEvent } from 'react'
import type { TextInput } from 'react-native'
import { titleLimit, type Id, type OwnerId } from '@/core/record'
import { pastedSteps, placeBehind, type OutlineRow, type StepLine } from '@/core/steps'
import { useAct, useZen } from '@/held/zen'
import { Field } from '@/ui'
import { count } from '@/words'
import { indentOf } from './indentOf'
import { keyOf } from './keyOf'

/** Behind which row the line stands, and how deep. */
export interface LinePlace {
  readonly behindId: Id<'step'>
  readonly depth: number
}

export function AnotherStep({
  of,
  rows,
  at,
  place,
  asked,
  answeredRef,
  onPlace,
}: {
  of: OwnerId
  rows: readonly OutlineRow[]
  /** The row before the line; -1 where there is none. */
  at: number
  /** Null at the end, where the line stands until it is asked for elsewhere. */
  place: LinePlace | null
  /** How often it was asked for. */
  asked: number
  /** How often that was answered: a line that is laid elsewhere is another one. */
  answeredRef: { current: number }
  onPlace: (place: LinePlace | null) => void
}) {
  const act = useAct()
  const { memory } = useZen()
  const key = `another step of ${of}`
  const [text, setText] = useState(() => memory.typed.read(key) ?? '')
  const ref = useRef<TextInput>(null)
  const before = rows[at]
  const depth = Math.min(place?.depth ?? 0, before ? before.depth + 1 : 0)
  const behindId = place?.behindId
  // Before the next key: a line that has moved has lost the focus.
  useLayoutEffect(() => {
    if (behindId) ref.current?.focus()
  }, [behindId])
  useLayoutEffect(() => {
    if (asked <= answeredRef.current) return
    answeredRef.current = asked
    ref.current?.focus()
  }, [asked, answeredRef])
  const change = (next: string) => {
    setText(next)
    memory.typed.write(key, next === '' ? null : next)
  }
  const lay = (lines: readonly StepLine[], say: string | false) => {
    const outcome = act('laySteps', { ownerId: of, lines, place: placeBehind(rows, at, depth) }, { say })
    if (!outcome.ok) return false
    const tops = outcome.value.flatMap((part) =>
      part.kind === 'added' ? [part.record.id as Id<'step'>] : [],
    )
    const last = tops[lines.findLastIndex((line) => line.depth === 0)]
    if (last) onPlace({ behindId: last, depth })
    return true
  }
  const take = () => {
    if (text.trim() === '') return onPlace(null)
    if (lay([{ title: text, depth: 0 }], false)) change('')
  }
  const paste = (event: ClipboardEvent<HTMLElement>) => {
    const lines = pastedSteps(event.clipboardData.getData('text/plain'))
    if (lines.length < 2) return
    event.preventDefault()
    lay(lines, `${count(lines.length, 'step')} from what you pasted`)
  }
  const goTo = (next: number) => before && onPlace({ behindId: before.step.id, depth: next })
  return (
    <li className="step-line" style={{ paddingLeft: indentOf(depth) }} onPaste={paste}>
      <Field
        ref={ref}
        label="Add a step"
        placeholder="Add a step"
        bare
        value={text}
        maxLength={titleLimit}
        enterKeyHint="next"
        blurOnSubmit={false}
        onChangeText={change}
        onSubmitEditing={take}
        onKeyPress={(event) => {
          const { pressed, isShift, prevent } = keyOf(event)
          // Where it can go no deeper, and no further back, Tab leaves the line as everywhere.
          const canDeepen = pressed === 'Tab' && !isShift && before !== undefined && depth <= before.depth
          const canRaise = pressed === 'Tab' && isShift && depth > 0
          if (canDeepen || canRaise) {
            prevent()
            goTo(depth + (canDeepen ? 1 : -1))
          }
          if (pressed === 'Backspace' && text === '' && depth > 0) {
            prevent()
            goTo(depth - 1)
          }
        }}
      />
    </li>
  )
}
