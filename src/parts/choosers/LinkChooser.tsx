// A link, typed or pasted. Only web links become links that can be followed; anything else is kept as it is.
import { useState } from 'react'
import { titleLimit } from '@/core/record'
import { Button, Field, Row } from '@/ui'
import { ChooserSheet } from './ChooserSheet'

export function LinkChooser({
  title,
  anchor,
  link,
  onChoose,
  onClose,
}: {
  title: string
  anchor: DOMRect | null
  link: string | null
  onChoose: (link: string | null) => void
  onClose: () => void
}) {
  const [typed, setTyped] = useState(link ?? '')
  const isLong = typed.trim().length > titleLimit
  const keep = (text: string) => {
    if (isLong && text !== '') return
    onChoose(text.trim() === '' ? null : text.trim())
    onClose()
  }
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={link ? <Button kind="quiet" label="no link" onPress={() => keep('')} /> : null}
    >
      <Row gap="$2" alignItems="flex-start">
        <Field
          label="Link"
          placeholder="https://…"
          value={typed}
          autoFocus
          onChangeText={setTyped}
          onSubmitEditing={() => keep(typed)}
          problem={
            isLong ? `The link is longer than ${titleLimit.toLocaleString('en-GB')} characters.` : null
          }
        />
        <Button label="Save" disabled={isLong} onPress={() => keep(typed)} />
      </Row>
    </ChooserSheet>
  )
}
