// A button that opens into a line to name something new; Enter makes it and is ready for the next.
import { useState } from 'react'
import { Button, Field, Row } from '@/ui'
import { shortened } from '@/words'

export function NameLine({ label, onMake }: { label: string; onMake: (name: string) => boolean }) {
  const [naming, setNaming] = useState(false)
  const [name, setName] = useState('')
  if (!naming)
    return (
      <Row marginLeft="$-2" maxWidth="100%" flexShrink={1}>
        <Button
          kind="quiet"
          icon="plus"
          label={shortened(label)}
          aria-label={label}
          onPress={() => setNaming(true)}
        />
      </Row>
    )
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
            if (event.nativeEvent.key === 'Escape') setNaming(false)
          }}
        />
      </Row>
      <Button label="Make it" onPress={make} disabled={name.trim() === ''} />
      <Button
        kind="quiet"
        label="Finished"
        onPress={() => {
          setNaming(false)
          setName('')
        }}
      />
    </Row>
  )
}
