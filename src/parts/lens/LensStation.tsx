// The lenses of the Day, behind one door: they load when the first is opened.
import { EmptyPlace } from '@/ui'
import { useOnDemand } from '@/held/reader'
import { AllLenses } from './AllLenses'
import { LensSheet, type LensId } from './LensSheet'

export { LensFilter } from './LensFilter'

export function LensStation({
  id,
  isPrinting,
  onOpen,
}: {
  readonly id: LensId | 'all'
  /** It is being laid on paper just now. */
  readonly isPrinting: boolean
  readonly onOpen: (id: LensId | 'all') => void
}) {
  const lenses = useOnDemand()?.lenses
  if (!lenses) return <EmptyPlace says="Lenses are loading." />
  return id === 'all' ? (
    <AllLenses lenses={lenses} onOpen={onOpen} />
  ) : (
    <LensSheet id={id} lenses={lenses} isPrinting={isPrinting} onOpen={(next) => onOpen(next ?? 'all')} />
  )
}
