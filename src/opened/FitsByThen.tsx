// A due date that does not fit, or that something else does not fit beside: said where it is set, and nothing where all is
// well.
import { useRouter } from 'expo-router'
import { isOpen, isWaitingFor } from '@/core/action'
import type { Action } from '@/core/record'
import { toMinute } from '@/core/time'
import { useBreaksWords } from '@/held/useFit'
import { Press, Words } from '@/ui'

export function FitsByThen({ action }: { action: Action }) {
  const router = useRouter()
  const { id, minutes, due } = action
  const words = useBreaksWords(
    due && isOpen(action) && !isWaitingFor(action)
      ? { id, minutes, date: due.date, minute: due.time ? toMinute(due.time) : 1440 }
      : null,
  )
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
