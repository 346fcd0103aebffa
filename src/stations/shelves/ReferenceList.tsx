import { select } from '@/state'
import { Column, EmptyPlace, Icon, Press, Seal, Words } from '@/ui'
import { RowList } from '@/parts/rows/RowList'
import { useOpened } from '@/held/useOpened'
import { momentWords } from '@/words'
import { useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'

export function ReferenceList() {
  const { clock } = useZen()
  const today = useToday()
  const document = useHeldDocument()
  const { open } = useOpened()
  const references = useHeld((state) => select.referencesOf(state.document))
  if (references.length === 0)
    return (
      <EmptyPlace says="Notes and links with nothing to do. While sorting, Reference puts a slip here." />
    )
  return (
    <RowList
      items={references}
      label="Reference"
      render={(reference) => {
        const area = select.areaOf(document, reference)
        return (
          <Column render="li" backgroundColor="$slip" borderBottomWidth={1} borderColor="$rule">
            <Press onPress={() => open(reference.id)} minHeight={60} paddingHorizontal="$3" gap="$3" data-row>
              <Seal stamp={area?.stamp ?? null} ink={area?.ink ?? 0} />
              <Column flex={1} minWidth={0}>
                <Words>{reference.title}</Words>
                <Words size="second" tone="inkSoft">
                  {[momentWords(reference.createdAtEpochMs, clock.zone(), today), reference.address]
                    .filter(Boolean)
                    .join(' · ')}
                </Words>
              </Column>
              <Icon name="next" tone="inkSoft" />
            </Press>
          </Column>
        )
      }}
    />
  )
}
