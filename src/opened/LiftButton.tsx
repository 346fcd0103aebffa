// At the end of a day, or of a meeting note: the boxes that are still open are lifted into the Tray, to be decided
// like anything else.
import type { Id } from '@/core/record'
import type { OnDemand } from '@/state'
import { useHeld } from '@/held/zen'
import { useLines } from '@/parts/note/useLines'
import { Button } from '@/ui'
import { count } from '@/words'

export function LiftButton({ of, notes }: { of: Id<'note'>; notes: OnDemand['notes'] }) {
  const text = useHeld(({ document }) => notes.noteIn(document, of))
  const lines = useLines(of, notes, text)
  const loose = lines.open.filter(({ tie }) => tie === null)
  return loose.length > 0 ? (
    <Button
      kind="main"
      label={`Add ${count(loose.length, 'line')} to the Tray`}
      onPress={() => lines.lift(loose)}
    />
  ) : null
}
