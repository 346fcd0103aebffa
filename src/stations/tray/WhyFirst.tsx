// Why some options stand first: on request, the words that spoke for them.
import { useState } from 'react'
import { Button, Column, Words } from '@/ui'
import { shortened } from '@/words'

export interface Reason {
  readonly value: string
  readonly name: string
  readonly because: readonly string[]
}

const toldAtMost = 6

export function WhyFirst({ reasons }: { reasons: readonly Reason[] }) {
  const [isTold, setTold] = useState(false)
  const told = reasons.filter(({ because, name }) => because.length > 0 && name !== '').slice(0, toldAtMost)
  if (told.length === 0) return null
  if (!isTold)
    return (
      <Button
        kind="quiet"
        label="Why these first?"
        alignSelf="flex-start"
        marginLeft="$-2"
        marginTop="$-1"
        onPress={() => setTold(true)}
      />
    )
  return (
    <Column role="status" gap="$0.5">
      {told.map(({ value, name, because }) => (
        <Words key={value} size="second" tone="inkSoft">
          {shortened(name)}, because of{' '}
          {because.map((word, index) => (
            <span key={word}>
              {index > 0 ? ' and ' : ''}
              <em>{word}</em>
            </span>
          ))}
        </Words>
      ))}
    </Column>
  )
}
