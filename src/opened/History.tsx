// What happened to a record, from the journal, in plain words.
import { useLayoutEffect, useState } from 'react'
import type { Change } from '@/core/journal'
import { BandHeading, Column, Words } from '@/ui'
import { changeMoment, historyWords } from '@/words/history'
import { useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'

export function History({ ids, of }: { ids: readonly string[]; of: string }) {
  const { store, clock } = useZen()
  const document = useHeldDocument()
  const today = useToday()
  const latest = useHeld((state) => state.recent.at(-1)?.stamp)
  const [changes, setChanges] = useState<readonly Change[] | null>(null)
  const key = ids.join(' ')
  // At once, and not after the first paint: the story is read while the rest is drawn.
  useLayoutEffect(() => {
    let wanted = true
    store.historyOf(key.split(' ')).then(
      (found) => {
        if (wanted) setChanges(found)
      },
      () => {
        if (wanted) setChanges([])
      },
    )
    return () => {
      wanted = false
    }
  }, [store, key, latest])
  if (!changes) return null
  return (
    <Column render="section" aria-label="What happened">
      <BandHeading title="What happened" />
      <Column render="ol" gap="$1.5">
        {changes.map((change) => (
          <Words render="li" key={change.stamp} size="second" tone="inkSoft">
            {changeMoment(change, clock.zone(), today)} · {historyWords(change, of, document, today)}
          </Words>
        ))}
      </Column>
    </Column>
  )
}
