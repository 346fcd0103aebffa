import { roomForActs } from './roomForActs'
import { useRouter } from 'expo-router'
import type { Slip } from '@/core/record'
import { Button, Column, Row, Words } from '@/ui'
import { useMomentOf, useSentence } from '@/parts/capture/useSentence'
import { OpenedParts } from './OpenedParts'
import { SplitOrJoin, DuplicateBeside } from '@/parts/reshape/Ways'
import { EditText } from '@/parts/text/EditText'
import { SlipNote } from './SlipNote'
import { chipWords, momentWords } from '@/words'
import { useAct, useToday, useZen } from '@/held/zen'
import { useOpened } from '@/held/useOpened'

/** A slip found by search: its words, and the way to sorting. */
export function OpenedSlip({ slip }: { slip: Slip }) {
  const act = useAct()
  const today = useToday()
  const { clock } = useZen()
  const { close } = useOpened()
  const router = useRouter()
  const { title, clauses } = useSentence(slip.text, slip.takenOff, useMomentOf(slip))
  return (
    <Column gap="$3.5">
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        A slip, added {momentWords(slip.setDownAtEpochMs, clock.zone(), today)}
      </Words>
      <EditText
        name={`${slip.id} text`}
        label="The slip’s words"
        size="title"
        value={slip.text}
        onKeep={(text, typing) =>
          act('editSlip', { id: slip.id, text }, { say: false, atField: true, ...typing })
        }
        needed="A slip needs at least one word."
      />
      {clauses.length > 0 ? (
        <Words size="second" tone="brass">
          {clauses.map((clause) => chipWords(clause, today)).join(' · ')}
        </Words>
      ) : null}
      <SlipNote
        of={slip.id}
        note={slip.note}
        onKeep={(note, typing) =>
          act('editSlip', { id: slip.id, text: slip.text, note }, { say: false, atField: true, ...typing })
        }
      />
      <OpenedParts of={slip.id} />
      <DuplicateBeside slip={slip} title={title} />
      <Row gap="$2" flexWrap="wrap">
        <Button
          kind="main"
          label="Sort"
          onPress={() =>
            router.navigate({ pathname: '/sorting', params: { slip: slip.id, open: undefined } })
          }
        />
        <SplitOrJoin slip={slip} />
        <Button
          label="Let go"
          onPress={() => {
            close()
            act('removeSlip', { id: slip.id })
          }}
        />
      </Row>
    </Column>
  )
}
