// Search over slips, actions, projects, areas, people, contexts and reference.
import { isOpen } from '@/core/action'
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import { makeSearchIndex, type Found, type SearchIndex } from '@/core/search'
import { recordIn, recordsById, type Document } from '@/core/journal'
import type { Action, AnyRecord, Area, Project } from '@/core/record'
import { select } from '@/state'
import { Column, Field, Icon, moveFocusWithin, Press, Preview, Seal, SlideOver, Words } from '@/ui'
import { useDesk } from '@/held/desk'
import { stateWords } from '@/words'
import { nameOfNote } from '@/words/pages'
import { useReader } from '@/held/reader'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { useHeldDocument } from '@/held/zen'
import { FoundEvents } from './FoundEvents'

const atMost = 30
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
  const listRef = useRef<HTMLElement>(null)
  const help = useReader().help?.helpWith(words).slice(0, 3) ?? []
  const router = useRouter()
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
        onKeyPress={({ nativeEvent: { key } }) => {
          if (key === 'ArrowDown') listRef.current?.querySelector<HTMLElement>('button')?.focus()
        }}
        onSubmitEditing={() => {
          if (found[0]) go(found[0])
        }}
      />
      <Preview>
        <Words size="second" tone="inkSoft">
          {foundWords(index !== null, words.trim() !== '', found.length)}
        </Words>
      </Preview>
      <Column
        ref={listRef as never}
        render="ul"
        aria-label="Found"
        onKeyDown={(event: KeyboardEvent<HTMLElement>) => moveFocusWithin(event, 'button')}
      >
        {found.map((item) => (
          <FoundRow key={item.id} found={item} onPress={() => go(item)} />
        ))}
      </Column>
      <FoundEvents words={words} />
      {help.length > 0 ? (
        <Column render="ul" aria-label="Help">
          {help.map(({ id, title }) => (
            <Column key={id} render="li" borderBottomWidth={1} borderColor="$rule">
              <Press
                gap="$3"
                paddingHorizontal="$2.5"
                minHeight={48}
                onPress={() => {
                  onClose()
                  router.navigate({ pathname: '/help', params: { part: id } })
                }}
              >
                <Icon name="info" tone="inkSoft" />
                <Words tone="inkSoft">Help: {title}</Words>
              </Press>
            </Column>
          ))}
        </Column>
      ) : null}
    </SlideOver>
  )
}

function foundWords(isReady: boolean, isAsked: boolean, number: number): string {
  if (!isReady) return 'Getting ready…'
  if (!isAsked) return 'Slips, actions, projects, areas, people, contexts, reference, notes and checklists.'
  if (number === 0) return 'Nothing found. Try another word, or fewer letters.'
  return number === atMost ? `Showing the first ${atMost}.` : `${number} found.`
}

/** Whose seal stands before what was found. */
function sealOfFound(document: Document, { kind }: Found, record: AnyRecord) {
  if (kind === 'action') return select.sealOf(document, record as Action)
  const { id, areaId } = record as Project
  if (kind === 'project') return select.sealOf(document, { projectId: id, areaId })
  return kind === 'area' || kind === 'group' ? (record as Area) : undefined
}

const restsWords = (document: Document, { projectId }: Action): string | null =>
  projectId !== null && select.restingProjectIdsOf(document).has(projectId) ? 'rests with its project' : null

function stateOfFound({ kind }: Found, record: AnyRecord, document: Document): string | null {
  if (kind === 'action') {
    const { projectId } = record as Action
    if (projectId && recordIn(document, projectId)?.state === 'template') return 'in a template'
  }
  if (kind === 'project') return stateWords[(record as Project).state]
  if (kind !== 'action' && (record as { letGoAtEpochMs?: number | null }).letGoAtEpochMs) return 'removed'
  if (kind !== 'action') return null
  if (isOpen(record as Action)) return restsWords(document, record as Action)
  return (record as Action).doneAtEpochMs ? 'done' : 'let go'
}

function FoundRow({ found, onPress }: { found: Found; onPress: () => void }) {
  const { kinds } = useReader()
  const document = useHeldDocument()
  const record = recordIn(document, found.id as OpenableId)
  // It may have gone since the index was made: undone, or removed in another tab.
  if (!record) return null
  const seal = sealOfFound(document, found, record)
  const over = found.kind === 'action' && !isOpen(record as Action)
  const state = stateOfFound(found, record, document)
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip">
      <Press onPress={onPress} gap="$3" paddingHorizontal="$2.5" minHeight={56}>
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
        <Column flex={1} minWidth={0}>
          <Words struck={over}>{nameOfNote(document, found.id)}</Words>
          <Words size="second" tone="inkSoft">
            {[kinds?.[found.kind].singular, state].filter(Boolean).join(' · ')}
          </Words>
        </Column>
      </Press>
    </Column>
  )
}
