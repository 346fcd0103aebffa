// A question of one's own, or of the program: what is answered is kept as it is written.
import { Suspense } from 'react'
import { View } from '@tamagui/core'
import type { Review } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { Column, Words } from '@/ui'
import { EditText } from '@/frame/onDemand'
import { useAct, useHeldDocument } from '@/held/zen'
import { shortDate } from '@/words'
import { useReads } from '../reads'
import { useSeen } from '../useRound'

export interface QuestionStoneProps {
  readonly review: Review
  readonly stone: string
  readonly question: string
  readonly last: Review | undefined
  readonly lastOn: CalendarDate | null
}

export function QuestionStone({ review: { id }, stone, question, last, lastOn }: QuestionStoneProps) {
  const act = useAct()
  const { reviews } = useReads()
  const { today } = useSeen()
  const document = useHeldDocument()
  const answer = reviews.answerOf(document, id, stone)?.answer ?? ''
  const before = last ? reviews.answerOf(document, last.id, stone) : undefined
  return (
    <Column gap="$2.5">
      <Words render="h2" size="title" className="long-question">
        {question}
      </Words>
      <Suspense fallback={<View height={120} />}>
        <EditText
          name={`${id} answer ${stone}`}
          label="Your answer"
          rows={5}
          value={answer}
          onKeep={(text, typing) =>
            act('editAnswer', { id, stone, question, answer: text }, { say: false, atField: true, ...typing })
          }
        />
      </Suspense>
      {before && lastOn ? (
        <Column gap="$1">
          <Words size="second" tone="inkSoft">
            Last time, {shortDate(lastOn, today)}:
          </Words>
          <Words tone="inkSoft" className="as-written">
            {before.answer}
          </Words>
        </Column>
      ) : null}
    </Column>
  )
}
