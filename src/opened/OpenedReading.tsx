// Something to read, watch or hear: its link, how far it has come, and what is noted beside it.
import { roomForActs } from './roomForActs'
import { readingStates, type Reading } from '@/core/record'
import { Button, Choice, Column, Words } from '@/ui'
import { EditText } from '@/parts/text/EditText'
import { useOpened } from '@/held/useOpened'
import { useAct } from '@/held/zen'
import { readingWords } from '@/words'
import { LinkField } from './LinkField'
import { Belongings } from './Belongings'
import { OpenedFoot } from './OpenedFoot'

const nextStep = {
  unread: { label: 'Start reading', state: 'begun' },
  begun: { label: 'Done', state: 'finished' },
  finished: { label: 'Read again', state: 'unread' },
} as const

export function OpenedReading({ reading }: { reading: Reading }) {
  const act = useAct()
  const { close } = useOpened()
  const { id, state } = reading
  const edit = (
    patch: Parameters<typeof act<'editReading'>>[1]['patch'],
    typing: Parameters<typeof act<'editReading'>>[2] = {},
  ) => act('editReading', { id, patch }, { say: false, atField: true, ...typing })
  const next = nextStep[state]
  return (
    <Column gap="$3.5" flexGrow={1}>
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        Reading
      </Words>
      <EditText
        name={`${id} title`}
        label="Title"
        size="title"
        value={reading.title}
        onKeep={(title, typing) => edit({ title }, typing)}
        needed="It needs a title."
      />
      <LinkField name={id} link={reading.link} onKeep={(link, typing) => edit({ link }, typing)} />
      <Choice
        label="How far it has come"
        shown={false}
        options={readingStates.map((value) => ({ value, label: readingWords[value] }))}
        chosen={[state]}
        onToggle={(value) => edit({ state: value })}
      />
      <Belongings of={id} />
      <OpenedFoot
        main={<Button kind="main" label={next.label} onPress={() => edit({ state: next.state })} />}
      >
        <Button
          kind="quiet"
          label="Let go"
          onPress={() => {
            close()
            act('removeReading', { id })
          }}
        />
      </OpenedFoot>
    </Column>
  )
}
