import { roomForActs } from './roomForActs'
import type { Reference } from '@/core/record'
import type { RunOptions } from '@/state'
import { Button, Column, Row, Words } from '@/ui'
import { EditText } from '@/parts/text/EditText'
import { useAct } from '@/held/zen'
import { useOpened } from '@/held/useOpened'
import { LinkField } from './LinkField'
import { Belongings } from './Belongings'

export function OpenedReference({ reference }: { reference: Reference }) {
  const act = useAct()
  const { close } = useOpened()
  const { id } = reference
  const edit = (patch: Parameters<typeof act<'editReference'>>[1]['patch'], typing: RunOptions) =>
    act('editReference', { id, patch }, { say: false, atField: true, ...typing })
  return (
    <Column gap="$3.5">
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        Reference
      </Words>
      <EditText
        name={`${id} title`}
        label="Title"
        size="title"
        value={reference.title}
        onKeep={(title, typing) => edit({ title }, typing)}
        needed="It needs a title."
      />
      <LinkField name={id} link={reference.link} onKeep={(link, typing) => edit({ link }, typing)} />
      <Belongings of={id} />
      <Row>
        <Button
          label="Let go"
          onPress={() => {
            close()
            act('removeReference', { id })
          }}
        />
      </Row>
    </Column>
  )
}
