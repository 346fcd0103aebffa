import { nameOfRecord } from '../wording'
import { useHeldDocument } from '../zen'
import type { OpenableId } from '../useOpened'

/** What names the opened region for the ear. */
export const useOpenedTitle = (id: OpenableId): string => nameOfRecord(useHeldDocument(), id) || 'No longer here'
