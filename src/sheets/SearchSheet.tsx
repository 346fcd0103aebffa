// Search over slips, actions, projects, areas, people, contexts and reference.
import { isOpen } from '@/core/action'
import { useEffect, useMemo, useState } from 'react'
import { makeSearchIndex, type Found, type SearchIndex } from '@/core/search'
import { recordIn, recordsById } from '@/core/journal'
import { type Action, type Project } from '@/core/record'
import { select } from '@/state'
import { Column, Field, Press, Seal, SlideOver, Words } from '@/ui'
import { useDesk } from '@/held/desk'
import { nameOfRecord, stateWords } from '@/words'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { useHeldDocument } from '@/held/zen'

const atMost = 30
const kindWords = {
  slip: 'slip',
  action: 'action',
  project: 'project',
  area: 'area',
  person: 'person',
  context: 'context',
  reference: 'reference',
  group: 'group',
  review: 'review',
  settings: '',
} as const

export default function SearchSheet({ onClose }: { onClose: () => void }) {
  const document = useHeldDocument()
  // What was typed before the dialog was there to take it comes first.
  const typedAhead = useDesk((state) => state.typedAhead)
  const [typed, setTyped] = useState<string | null>(null)
  const words = typed ?? typedAhead
  const [index, setIndex] = useState<SearchIndex | null>(null)
  useEffect(() => {
    let wanted = true
    makeSearchIndex(recordsById(document).values(), () => wanted).then(
      (made) => {
        if (wanted) setIndex(made)
      },
      () => {},
    )
    return () => {
      wanted = false
    }
  }, [document])
  const found = useMemo(
    () => (words.trim() === '' || !index ? [] : index.find(words, atMost)),
    [index, words],
  )
  const { open } = useOpened()
  const go = ({ id }: Found) => {
    onClose()
    open(id as OpenableId)
  }
  return (
    <SlideOver title="Search" onClose={onClose}>
      <Field
        label="Search for"
        placeholder="A word, or the beginning of one"
        value={words}
        onChangeText={setTyped}
        autoFocus
        onSubmitEditing={() => {
          if (found[0]) go(found[0])
        }}
      />
      <Words role="status" size="second" tone="inkSoft">
        {!index
          ? 'Getting ready…'
          : words.trim() === ''
            ? 'Slips, actions, projects, areas, people, contexts and reference.'
            : found.length === 0
              ? 'Nothing with these words.'
              : found.length === atMost
                ? `The first ${atMost}.`
                : `${found.length} found.`}
      </Words>
      <Column render="ul" aria-label="Found">
        {found.map((item) => (
          <FoundRow key={item.id} found={item} onPress={() => go(item)} />
        ))}
      </Column>
    </SlideOver>
  )
}

function FoundRow({ found, onPress }: { found: Found; onPress: () => void }) {
  const document = useHeldDocument()
  const record = recordIn(document, found.id as OpenableId)
  // It may have gone since the index was made: undone, or removed in another tab.
  if (!record) return null
  const area =
    found.kind === 'action' || found.kind === 'project'
      ? select.areaOf(document, record as Action)
      : found.kind === 'area'
        ? (record as never)
        : undefined
  const over = found.kind === 'action' && !isOpen(record as Action)
  const state =
    found.kind === 'project'
      ? stateWords[(record as Project).state]
      : over
        ? (record as Action).doneAtEpochMs
          ? 'done'
          : 'let go'
        : null
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip">
      <Press onPress={onPress} gap={12} paddingHorizontal={10} minHeight={56} {...{ type: 'button' }}>
        <Seal
          stamp={(area as { stamp?: string } | undefined)?.stamp ?? null}
          ink={(area as { ink?: number } | undefined)?.ink ?? 0}
        />
        <Column flex={1} minWidth={0}>
          <Words struck={over}>{nameOfRecord(document, found.id as OpenableId)}</Words>
          <Words size="second" tone="inkSoft">
            {[kindWords[found.kind], state].filter(Boolean).join(' · ')}
          </Words>
        </Column>
      </Press>
    </Column>
  )
}
