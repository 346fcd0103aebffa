// A due date that does not fit, or that something else does not fit beside: said where it is set, and nothing where all is
// well.
import { useRouter } from 'expo-router'
import type { Action, When } from '@/core/record'
import { toMinute } from '@/core/time'
import { Press, Words } from '@/ui'
import { useBreaksWords } from './useFit'

export function FitsByThen({ action, due }: { action: Action; due: When }) {
  const router = useRouter()
  const { id, minutes } = action
  const words = useBreaksWords({ id, minutes, date: due.date, minute: due.time ? toMinute(due.time) : 1440 })
  if (!words) return null
  return (
    <Press
      minHeight={44}
      justifyContent="flex-start"
      onPress={() => router.navigate({ pathname: '/week', params: { view: 'fit' } })}
    >
      <Words size="second" tone="clay" textAlign="left">
        {words}
      </Words>
    </Press>
  )
}
