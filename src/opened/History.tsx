// What happened to a record, from the journal, in plain words.
import { useEffect, useState } from 'react'
import type { Change } from '@/core/journal'
import { BandHeading, Column, Row, Words } from '@/ui'
import { changeMoment, historyWords } from '@/words'
import { useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'

export function History({ ids, of }: { ids: readonly string[]; of: string }) {
  const { store, clock } = useZen()
  const document = useHeldDocument()
  const today = useToday()
  const latest = useHeld((state) => state.recent.at(-1)?.stamp)
  const [changes, setChanges] = useState<readonly Change[] | null>(null)
  const key = ids.join(' ')
  useEffect(() => {
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
      <Column render="ol" gap={6}>
        {changes.map((change) => (
          <Row render="li" key={change.stamp} alignItems="flex-start" gap={8}>
            <Words size="second" tone="inkSoft" width={112} flexShrink={0}>
              {changeMoment(change, clock.zone(), today)}
            </Words>
            <Words size="second" flex={1}>
              {historyWords(change, of, document, today)}
            </Words>
          </Row>
        ))}
      </Column>
    </Column>
  )
}
