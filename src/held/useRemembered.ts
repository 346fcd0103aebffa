// What this device remembers of how things are shown: what is folded or opened, and how dense the shelves stand.
import { useKept } from './useKept'

/** Whether projects stand denser: a line each. */
export const useDense = () => useRemembered('shelves-dense')

/** Whether something is set on this device, and what sets it. */
export function useRemembered(name: string): readonly [boolean, (on: boolean) => void] {
  const [value, set] = useKept(name)
  return [value === 'yes', (on) => set(on ? 'yes' : null)]
}
