// The said line: all that is set, as chips in the order of a sentence; each opens its chooser, and a quiet + offers the
// rest by name.
import { useEffect, useRef, useState } from 'react'
import type { TamaguiElement } from '@tamagui/core'
import { Button, IconButton, Row, SaidChip } from '@/ui'
import { offerWords, type SaidChip as Said, type SaidField } from '@/words'

export function SaidLine({
  chips,
  offers,
  onChoose,
  oneLine = false,
  outright = [],
}: {
  chips: readonly Said[]
  offers: readonly SaidField[]
  onChoose: (field: SaidField, id?: string) => void
  /** On one line, the rest a swipe away: where the room below is needed. */
  oneLine?: boolean
  /** Offers that are a touch away, and not behind the *+*. */
  outright?: readonly SaidField[]
}) {
  const ahead = offers.filter((field) => outright.includes(field))
  const behind = offers.filter((field) => !outright.includes(field))
  const isBare = chips.length + ahead.length === 0
  const [isOffering, setOffering] = useState(false)
  const rowRef = useRef<TamaguiElement>(null)
  const isUsedRef = useRef(false)
  const choose = (field: SaidField, id?: string) => {
    isUsedRef.current = true
    onChoose(field, id)
  }
  // An offer that was taken, or a chip that is gone, takes the focus along: it stays in the line.
  useEffect(() => {
    if (isUsedRef.current && document.activeElement === document.body)
      (rowRef.current as HTMLElement | null)
        ?.querySelector<HTMLElement>('button:last-child')
        ?.focus({ preventScroll: true })
  })
  return (
    <>
      <Row
        ref={rowRef}
        gap="$2"
        flexWrap={oneLine ? 'nowrap' : 'wrap'}
        className={oneLine ? 'swipes' : undefined}
        role="group"
        aria-label="What is set"
      >
        {chips.map(({ field, words, id }, index) => (
          // By its place: a chip that was changed keeps the focus.
          <SaidChip key={`${field} ${index}`} text={words} onPress={() => choose(field, id)} />
        ))}
        {ahead.map((field) => (
          <Button
            key={field}
            kind="quiet"
            flexShrink={0}
            label={offerWords[field] ?? field}
            aria-haspopup="dialog"
            onPress={() => choose(field)}
          />
        ))}
        {behind.length > 0 ? (
          <IconButton
            label={isOffering ? 'Show fewer' : 'More to set'}
            icon={isOffering ? 'minus' : 'plus'}
            tone="brass"
            aria-expanded={isOffering}
            height={36}
            marginLeft={isBare ? '$-3' : '$0'}
            minHeight={36}
            onPress={() => setOffering(!isOffering)}
          />
        ) : null}
      </Row>
      {isOffering ? (
        <Row gap="$1" flexWrap="wrap" role="group" aria-label="What can be set" marginLeft="$-2">
          {behind.map((field) => (
            <Button
              key={field}
              kind="quiet"
              label={offerWords[field] ?? field}
              onPress={() => {
                choose(field)
                setOffering(false)
              }}
            />
          ))}
        </Row>
      ) : null}
    </>
  )
}
