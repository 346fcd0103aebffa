// The frame of everything that can be written in or unfolded: one edge, one focus, one height.
import type { useTheme } from '@tamagui/core'

type Theme = ReturnType<typeof useTheme>

/** `focused` draws the ring, `problem` the edge of what cannot be kept. */
export function fieldFrame(theme: Theme, { focused = false, problem = false } = {}) {
  const colour = (name: keyof Theme) => theme[name]?.get() as string
  const calm = focused ? 'brass' : 'edge'
  return {
    minHeight: 44,
    borderRadius: 3,
    borderWidth: 1,
    borderStyle: 'solid',
    borderColor: colour(problem ? 'clay' : calm),
    boxShadow: focused ? `0 0 0 2px ${colour('brassWash')}, 0 0 0 3px ${colour('brass')}` : 'none',
    backgroundColor: colour('slip'),
    color: colour('ink'),
  } as const
}
