import { nameOfRecord } from '@/words'
import { useHeldDocument } from '@/held/zen'
import type { OpenableId } from '@/held/useOpened'

/** What names the opened region for the ear. */
export const useOpenedTitle = (id: OpenableId): string =>
  nameOfRecord(useHeldDocument(), id) || 'No longer here'
