// A text to send to somebody: what one waits for, or what one hands over, in plain words. It can be changed, and is
// copied, shared by the device or put into an e-mail; then it is said that they were asked.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { addDays } from '@/core/time'
import { copied } from '@/held/copied'
import { useOnDemand } from '@/held/reader'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { Button, Field, Row, SlideOver, Words } from '@/ui'
import { shortDate } from '@/words'
import { chaseText, firstNameOf, handOverText } from '@/words/people'

interface SendTextProps {
  readonly personId: Id<'person'> | null
  readonly name: string
  readonly ids: readonly Id<'action'>[]
  readonly about: 'chase' | 'handOver'
  readonly onClose: () => void
}

const texts = { chase: chaseText, handOver: handOverText }

export function SendTextSheet({ personId, name, ids, about: first, onClose }: SendTextProps) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const later = useOnDemand()
  const actions = ids.flatMap((id) => recordIn(document, id) ?? [])
  const [text, setText] = useState(() => texts[first](name, actions, today))
  const [about, setAbout] = useState(first)
  const [isSent, setSent] = useState(false)
  const facts = personId && later ? later.people.factsOf(document, personId) : []
  const email = facts.find(({ type }) => type === 'email')
  const subject = actions.length === 1 ? (actions[0]?.title ?? '') : ''
  const to = (email && later?.people.hrefOfFact(email)) ?? 'mailto:'
  const mailto = `${to}?subject=${encodeURIComponent(subject)}&body=${encodeURIComponent(text)}`
  const again = addDays(today, 7)
  const called = firstNameOf(name)
  const other = about === 'chase' ? 'handOver' : 'chase'
  const isWritten = text !== texts[about](name, actions, today)
  const share = () =>
    navigator.share({ text }).then(
      () => setSent(true),
      () => undefined,
    )
  return (
    <SlideOver title={about === 'chase' ? `Ask ${called}` : `Hand over to ${called}`} onClose={onClose}>
      <Field label={`Text for ${called}`} multiline rows={9} value={text} onChangeText={setText} />
      <Row gap="$1" flexWrap="wrap" justifyContent="space-between">
        <Row gap="$1" flexWrap="wrap" marginLeft="$-2">
          <a className="link-button" href={mailto} onClick={() => setSent(true)}>
            {email ? `E-mail to ${called}` : 'E-mail'}
          </a>
          {isWritten ? null : (
            <Button
              kind="quiet"
              label={about === 'chase' ? 'Hand over instead' : 'Ask for it instead'}
              onPress={() => {
                setAbout(other)
                setText(texts[other](name, actions, today))
              }}
            />
          )}
          {'share' in navigator ? <Button kind="quiet" label="Share" onPress={() => void share()} /> : null}
        </Row>
        <Button
          kind={isSent ? 'plain' : 'main'}
          label="Copy"
          onPress={async () => {
            if (await copied(text, `Copied: a text for ${called}. Paste it into a message.`)) setSent(true)
          }}
        />
      </Row>
      {about === 'chase' ? (
        <Row gap="$2" flexWrap="wrap" justifyContent="space-between">
          <Words size="second" tone="inkSoft" flexShrink={1}>
            {isSent ? 'When it is sent, say that you asked.' : ''}
          </Words>
          <Button
            kind={isSent ? 'main' : 'quiet'}
            label={`Asked, again ${shortDate(again, today)}`}
            onPress={() => {
              const says = `Chased, again ${shortDate(again, today)}: ${name}`
              if (act('chaseAll', { ids, said: '', next: again }, { say: says }).ok) onClose()
            }}
          />
        </Row>
      ) : null}
    </SlideOver>
  )
}
