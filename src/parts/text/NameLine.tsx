// A button that opens into a line to name something new; Enter makes it and is ready for the next.
import { useState } from 'react'
import { Button, Field, Row } from '@/ui'
import { shortened } from '@/words'

export function NameLine({
  label,
  onMake,
  begins = false,
}: {
  label: string
  onMake: (name: string) => boolean
  /** The name is asked for at once. */
  begins?: boolean
}) {
  const [naming, setNaming] = useState(begins)
  const [name, setName] = useState('')
  const [isBack, setBack] = useState(false)
  if (!naming)
    return (
      <Row marginLeft="$-2" maxWidth="100%" flexShrink={1}>
        <Button
          kind="quiet"
          icon="plus"
          label={shortened(label)}
          aria-label={label}
          autoFocus={isBack}
          onPress={() => setNaming(true)}
        />
      </Row>
    )
  // The focus goes back to where it came from.
  const leave = () => {
    setNaming(false)
    setBack(true)
  }
  const make = () => {
    if (name.trim() !== '' && onMake(name)) setName('')
  }
  return (
    <Row gap="$2" flexWrap="wrap" maxWidth={520} width="100%">
      <Row flex={1} minWidth={180}>
        <Field
          label={label}
          placeholder={label}
          value={name}
          onChangeText={setName}
          autoFocus
          blurOnSubmit={false}
          onSubmitEditing={make}
          onKeyPress={(event) => {
            if (event.nativeEvent.key !== 'Escape') return
            // It closes the line, and not what the line stands in.
            event.preventDefault()
            event.stopPropagation()
            leave()
          }}
        />
      </Row>
      <Button label="Save" onPress={make} disabled={name.trim() === ''} />
      <Button
        kind="quiet"
        label="Close"
        onPress={() => {
          leave()
          setName('')
        }}
      />
    </Row>
  )
}
