// A line that makes a lens of plain words, or says more of one that is there. What it does not understand stays in it.
import { useState } from 'react'
import type { Lens, SayingNames } from '@/core/lens'
import { select, type OnDemand } from '@/state'
import { Column, Field, Preview, Words } from '@/ui'
import { useHeld, useToday } from '@/held/zen'

export function SayLens({
  lens,
  lenses,
  names,
  onSay,
}: {
  readonly lens: Lens
  readonly lenses: OnDemand['lenses']
  readonly names: SayingNames
  readonly onSay: (lens: Lens) => void
}) {
  const [text, setText] = useState('')
  const [isFinished, setFinished] = useState(false)
  const today = useToday()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const said = lenses.sayLens(text, { names, today, weekStartsOn }, lens)
  const sentence = lenses
    .lensParts(said.lens, names)
    .map((part) => part.text)
    .join('')
  const isSaid = text.trim() !== '' && said.unread.length < text.trim().split(/\s+/).length
  const say = () => {
    setFinished(true)
    if (!isSaid) return
    onSay(said.lens)
    setText(said.unread.join(' '))
  }
  const unread = isFinished ? said.unread : said.unread.filter((word) => !text.trim().endsWith(word))
  return (
    <Column gap="$1">
      <Field
        label="Say a lens"
        placeholder="Say what it lists: short calls due this week"
        value={text}
        maxLength={500}
        onChangeText={(next) => {
          setText(next)
          setFinished(false)
        }}
        onSubmitEditing={say}
        blurOnSubmit={false}
        dashed
      />
      <Preview label="What the lens would be">
        {isSaid ? (
          <Words size="second" tone="brass">
            {sentence}
          </Words>
        ) : null}
        {unread.length > 0 ? (
          <Words size="second" tone="inkSoft">
            Not understood: “{unread.join(' ')}”
          </Words>
        ) : null}
      </Preview>
    </Column>
  )
}
