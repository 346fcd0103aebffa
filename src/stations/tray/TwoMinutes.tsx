// Done on the spot: two minutes run down, and then it is done.
import { useEffect, useState } from 'react'
import { View } from '@tamagui/core'
import { Button, Column, Row, Words } from '@/ui'
import { useZen } from '@/held/zen'

const lengthMs = 120_000

export function TwoMinutes({
  title,
  onDone,
  onLonger,
  onBack,
}: {
  title: string
  onDone: () => void
  onLonger: () => void
  onBack: () => void
}) {
  const { clock } = useZen()
  const [endsAt] = useState(() => clock.nowEpochMs() + lengthMs)
  const [leftMs, setLeftMs] = useState(lengthMs)
  useEffect(() => {
    const timer = setInterval(() => setLeftMs(Math.max(0, endsAt - clock.nowEpochMs())), 250)
    return () => clearInterval(timer)
  }, [clock, endsAt])
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape') onBack()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [onBack])
  const seconds = Math.ceil(leftMs / 1000)
  const over = leftMs === 0
  return (
    <Column
      role="group"
      aria-label="Two minutes"
      gap="$4"
      padding="$4.5"
      backgroundColor="$paper"
      borderWidth={1}
      borderColor="$rule"
      borderRadius={3}
    >
      <Words role="timer" size="heading" tone={over ? 'clay' : 'ink'}>
        {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
      </Words>
      <View height={6} backgroundColor="$slip" borderWidth={1} borderColor="$edge">
        <View height="100%" backgroundColor="$moss" style={{ width: `${(leftMs / lengthMs) * 100}%` }} />
      </View>
      <Words tone="inkSoft">
        {over ? 'The two minutes are over. Done, or is it an action?' : `Do it now: ${title}`}
      </Words>
      <Row gap="$2.5" flexWrap="wrap">
        <Button kind="main" label="Done" onPress={onDone} autoFocus />
        <Button label="It takes longer" onPress={onLonger} />
        <Button kind="quiet" label="Back" onPress={onBack} />
      </Row>
    </Column>
  )
}
