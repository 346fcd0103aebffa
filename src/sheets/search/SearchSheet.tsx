// Search: everything by its words, and what was done, when and for whom, by a question.
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useRef, useState, type RefObject } from 'react'
import { makeSearchIndex, type Found, type SearchIndex } from '@/core/search'
import { recordsById } from '@/core/journal'
import { select } from '@/state'
import { Column, Field, Icon, Press, Preview, SlideOver, Words } from '@/ui'
import { useDesk } from '@/held/desk'
import { useReader } from '@/held/reader'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'
import { FoundEvents } from './FoundEvents'
import { FoundList, FoundRow } from './FoundRow'
import { NearQuestions, Past } from './Past'

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
  const listRef = useRef<HTMLElement>(null)
  const lineRef = useRef<HTMLElement>(null)
  const today = useToday()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const { past } = useReader()
  const question = useMemo(
    () => past?.readQuestion(words, { today, weekStartsOn }) ?? null,
    [past, words, today, weekStartsOn],
  )
  // A question has its answer: its words are not looked for.
  const found = useMemo(
    () => (words.trim() === '' || question || !index ? [] : index.find(words, atMost)),
    [index, words, question],
  )
  const { open } = useOpened()
  const go = (id: string) => {
    onClose()
    open(id as OpenableId)
  }
  return (
    <SlideOver title="Search" onClose={onClose}>
      <Column ref={lineRef as never}>
        <Field
          label="Search for"
          placeholder="Words, or a question"
          value={words}
          onChangeText={setTyped}
          autoFocus
          onKeyPress={({ nativeEvent: { key } }) => {
            if (key === 'ArrowDown') listRef.current?.querySelector<HTMLElement>('button')?.focus()
          }}
          onSubmitEditing={() => {
            if (question) listRef.current?.querySelector<HTMLElement>('button')?.click()
            else if (found[0]) go(found[0].id)
          }}
        />
      </Column>
      {question ? (
        <Past
          question={question}
          sentence={words}
          listRef={listRef}
          onWords={() => lineRef.current?.querySelector('input')?.focus()}
          onGo={go}
        />
      ) : (
        <ByWords
          words={words}
          index={index}
          found={found}
          listRef={listRef}
          onGo={go}
          onClose={onClose}
          onAsk={setTyped}
        />
      )}
    </SlideOver>
  )
}

function ByWords({
  words,
  index,
  found,
  listRef,
  onGo,
  onClose,
  onAsk,
}: {
  words: string
  index: SearchIndex | null
  found: readonly Found[]
  listRef: RefObject<HTMLElement | null>
  onGo: (id: string) => void
  onClose: () => void
  onAsk: (question: string) => void
}) {
  const { past, ...reader } = useReader()
  const help = reader.help?.helpWith(words).slice(0, 3) ?? []
  const isAsked = past?.isAsking(words) ?? false
  const router = useRouter()
  return (
    <>
      {isAsked ? <NearQuestions text={words} onAsk={onAsk} /> : null}
      <Preview>
        <Words size="second" tone="inkSoft">
          {isAsked && found.length === 0 ? '' : foundWords(index !== null, words.trim() !== '', found.length)}
        </Words>
      </Preview>
      <FoundList listRef={listRef}>
        {found.map((item) => (
          <FoundRow key={item.id} id={item.id as OpenableId} onPress={() => onGo(item.id)} />
        ))}
      </FoundList>
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
    </>
  )
}

function foundWords(isReady: boolean, isAsked: boolean, number: number): string {
  if (!isReady) return 'Getting ready…'
  if (!isAsked) return 'Finds anything by its words. Or ask: “When did I last …?”, “What did I do for …?”'
  if (number === 0) return 'Nothing found. Try another word, or fewer letters.'
  return number === atMost ? `Showing the first ${atMost}.` : `${number} found.`
}
