// Paper or lamp: the system's choice unless the person made their own.
import { useCallback, useSyncExternalStore } from 'react'
import { keep, onKept } from './useKept'
import { useZen } from './zen'
import type { DeviceMemory } from '@/state'

export type ThemeChoice = 'system' | 'paper' | 'lamp'

function subscribe(listener: () => void): () => void {
  const query = window.matchMedia('(prefers-color-scheme: dark)')
  query.addEventListener('change', listener)
  const stop = onKept(listener)
  return () => {
    stop()
    query.removeEventListener('change', listener)
  }
}

const choiceIn = (memory: DeviceMemory): ThemeChoice => {
  const kept = memory.read('theme')
  return kept === 'paper' || kept === 'lamp' ? kept : 'system'
}

/** The theme shown, by the name Tamagui knows it by. */
export const shownTheme = (choice: ThemeChoice): 'light' | 'dark' =>
  choice === 'lamp' || (choice === 'system' && window.matchMedia('(prefers-color-scheme: dark)').matches)
    ? 'dark'
    : 'light'

export function useThemeChoice(memory: DeviceMemory): {
  choice: ThemeChoice
  shown: 'light' | 'dark'
  choose: (choice: ThemeChoice) => void
} {
  const choice = useSyncExternalStore(subscribe, () => choiceIn(memory))
  const shown = useSyncExternalStore(subscribe, () => shownTheme(choiceIn(memory)))
  const choose = useCallback(
    (next: ThemeChoice) => {
      if (next === 'system') delete document.documentElement.dataset['theme']
      else document.documentElement.dataset['theme'] = next
      keep(memory, 'theme', next === 'system' ? null : next)
    },
    [memory],
  )
  return { choice, shown, choose }
}

export const useTheming = () => useThemeChoice(useZen().memory)
