import { recordIn } from '@/core/journal'
import { select } from '@/state'
import { useHeldDocument } from '@/held/zen'

/** What was kept for the review and is still there. */
export function useReviewBox(): ReturnType<typeof select.asidesOf> {
  const document = useHeldDocument()
  return select.asidesOf(document).filter(({ ofId }) => {
    const record = recordIn(document, ofId)
    return record !== undefined && !('letGoAtEpochMs' in record && record.letGoAtEpochMs !== null)
  })
}
