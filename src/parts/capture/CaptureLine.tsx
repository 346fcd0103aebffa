// The capture line: plain sentences, Enter, next. What was understood is underlined and shown as chips; a thought
// longer than a line opens into several; files lie with it until Enter.
import { useMedia, useTheme, View } from '@tamagui/core'
import { lazy, Suspense, useCallback, useLayoutEffect, useRef, useState } from 'react'
import type { Id } from '@/core/record'
import { longestPaste, mostLines, thoughtOf } from '@/core/setdown/thought'
import type { Clause } from '@/core/sentence'
import type { NewFile } from '@/state'
import { desk } from '@/held/desk'
import { captureInputId } from '@/held/keys'
import { useReader } from '@/held/reader'
import { useAct, useToday } from '@/held/zen'
import { FileChips } from '@/parts/files/FileChips'
import { useFileImport } from '@/parts/files/useFileImport'
import { Button, Column, faces, fieldFrame, Icon, IconButton, OfferChip, Row, SpokenLater } from '@/ui'
import { chipWords, count, shortened } from '@/words'
import { clippedLink, clippedText, linesIn } from './clipped'
import { ChooseFiles } from './ChooseFiles'
import { Speak } from './Speak'
import { Understood, useHasUnderstood } from './Understood'
import { useArrivals } from './useArrivals'
import { noDraft, useDraft, usePasted } from './useDraft'
import { useDropping } from './useDropping'
import { useFirstWord } from './useFirstWord'
import { useSentence, useSentenceContext } from './useSentence'

const PastedList = lazy(() => import('./PastedList'))

/** The words of each clause underlined, behind the text being typed. */
function Underlines({ text, clauses }: { text: string; clauses: readonly Clause[] }) {
  const pieces: React.ReactNode[] = []
  let at = 0
  for (const { start, end } of clauses) {
    if (start < at) continue
    pieces.push(text.slice(at, start), <u key={start}>{text.slice(start, end)}</u>)
    at = end
  }
  // A line that ends in a break needs something behind it to be as high as the text above it.
  return <>{[...pieces, text.slice(at), '\u200b']}</>
}

const inputStyle = { font: `400 1rem/1.5rem ${faces.body}`, padding: '10px 0' }
const bare = (name: string): string => name.replace(/\.[A-Za-z0-9]{1,5}$/, '')
/** Ends the composing of one sign out of several keys, where Enter is not ours. */
const isComposing = (event: React.KeyboardEvent): boolean => event.nativeEvent.isComposing

/** `chipsBelow` hangs the chips under the line (wide head); otherwise they stand above it, out of the thumb's way. */
export function CaptureLine({ chipsBelow = false }: { chipsBelow?: boolean }) {
  const act = useAct()
  const reader = useReader()
  const today = useToday()
  const theme = useTheme()
  const { wide } = useMedia()
  const [draft, change] = useDraft()
  const [pasted, setPasted] = usePasted()
  const [focused, setFocused] = useState(false)
  const { text, takenOff, files } = draft
  // Only the first line is a sentence: what follows is its note.
  const line = text.split('\n', 1)[0] as string
  const sentence = useSentence(line, takenOff)
  const context = useSentenceContext()
  const first = useFirstWord(sentence)
  const input = useRef<HTMLTextAreaElement>(null)
  const mirror = useRef<HTMLDivElement>(null)
  const follow = () => {
    // Nothing is scrolled where nothing stands: looking would lay the page out once more at the start.
    if (text !== '' && mirror.current && input.current) mirror.current.scrollTop = input.current.scrollTop
  }
  useLayoutEffect(follow, [text])
  const focus = () => input.current?.focus()
  const setText = (next: string) =>
    change((now) => ({ ...now, text: next, takenOff: next === '' ? [] : now.takenOff }))
  /** The thought in the line, and the slip it became. */
  const typing = useRef<{ slipId: Id<'slip'> | null }>({ slipId: null })
  const addFiles = useCallback(
    () => {
      const cameWith = typing.current
      return (more: readonly NewFile[]) => {
        // Set down meanwhile: they follow their thought. Where that is gone, they stand in the line.
        const { slipId } = cameWith
        if (slipId && act('addFiles', { ownerId: slipId, files: more }, { atField: true }).ok) return
        change((now) => ({ ...now, files: [...now.files, ...more] }))
      }
    },
    // The draft is read where it is kept: this never grows stale.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [],
  )
  const { importFiles, isBusy } = useFileImport(addFiles)
  const isDropping = useDropping({
    onFiles: (dropped) => {
      importFiles(dropped)
      focus()
    },
    onText: (dropped) => {
      change((now) => ({ ...now, text: [now.text, dropped].filter(Boolean).join(' ') }))
      focus()
    },
  })

  /** The sentence with what was understood of it, for the notice and the ear. */
  const understood = [
    shortened(sentence.title),
    ...sentence.clauses.flatMap((clause) => (clause.kind === 'question' ? [] : chipWords(clause, today))),
  ]
    .filter(Boolean)
    .join(', ')
  const isNothing = text.trim() === '' && files.length === 0
  const setDown = () => {
    if (isNothing) return
    const thought = text.trim() === '' ? { text: bare(files[0]?.name ?? ''), note: '' } : thoughtOf(text)
    const outcome = act(
      'setDown',
      { ...thought, takenOff, files },
      { say: `Added to the Tray: ${understood || shortened(thought.text)}` },
    )
    if (outcome.ok) {
      change(() => noDraft)
      const [made] = outcome.value
      typing.current.slipId = made?.kind === 'added' ? (made.record.id as Id<'slip'>) : null
      typing.current = { slipId: null }
    }
    focus()
  }

  /** What says its day, its horizon or its project needs no sorting: it can be an action at once. */
  const said = reader.draftOf(sentence, today)
  const isWhole =
    !text.includes('\n') &&
    [said.day, said.due, said.at, said.horizon, said.projectId, said.repeat, said.notBefore].some(Boolean)
  const addAsAction = () => {
    if (!isWhole) return
    const { fields, left } = reader.becoming('action', line, sentence, said, today)
    const outcome = act(
      'addAsAction',
      { slip: { text: line, takenOff, files }, fields, left },
      { say: `Added as an action: ${understood}` },
    )
    if (outcome.ok) change(() => noDraft)
    focus()
  }

  useArrivals({
    onText: (sent) => {
      // What was being typed is a thought of its own.
      setDown()
      change((now) => ({ ...now, text: sent }))
      focus()
    },
    onFiles: (dropped) => {
      importFiles(dropped)
      focus()
    },
  })

  const onPaste = (event: React.ClipboardEvent) => {
    const clipped = event.clipboardData
    if (clipped.files.length > 0) {
      event.preventDefault()
      return importFiles([...clipped.files])
    }
    const link = clippedLink(clipped)
    const words = link ?? clippedText(clipped)
    const lines = linesIn(words)
    const isList = lines > 1
    if (!isList && !link && words.length <= longestPaste) return
    event.preventDefault()
    if (link) return insert(link)
    if (lines <= mostLines && words.length <= longestPaste) return setPasted(words)
    importFiles([new File([words], 'pasted.txt', { type: 'text/plain' })])
    desk.getState().tell(`${count(lines, 'line')} are too long for a list. They are attached as a file.`)
  }
  /** As typing would: the browser's own undo takes it back. */
  const insert = (words: string) => {
    focus()
    if (!document.execCommand('insertText', false, words)) setText(text + words)
  }

  /** Says a context in the sentence, as if it had been typed. */
  const say = ({ id, name }: NonNullable<typeof first>) => {
    const read = (words: string) => reader.parseSentence(words, { ...context, takenOff })
    const words = reader.resay(line, { contextIds: [id] }, { today, nameOf: () => name, read })
    change((now) => ({
      ...now,
      text: words + now.text.slice(line.length),
      takenOff: reader.stillTakenOff(words, now.takenOff),
    }))
  }

  const hasUnderstood = useHasUnderstood(line, sentence)
  const chips =
    hasUnderstood || first || files.length > 0 || isBusy ? (
      <Row gap="$2" flexWrap="wrap" role="group" aria-label="Understood">
        <FileChips
          files={files}
          isBusy={isBusy}
          onTakeOff={(file) =>
            change((now) => ({ ...now, files: now.files.filter((other) => other.blob !== file.blob) }))
          }
        />
        {hasUnderstood ? (
          <Understood
            text={line}
            sentence={sentence}
            takenOff={takenOff}
            onSaid={(said, off) => {
              change((now) => ({ ...now, text: said + now.text.slice(line.length), takenOff: off }))
              focus()
            }}
          />
        ) : null}
        {first ? (
          <OfferChip
            text={`${first.name}?`}
            name={`Set the context ${first.name}`}
            onPress={() => {
              say(first)
              focus()
            }}
          />
        ) : null}
        {isWhole ? (
          <Button
            kind="quiet"
            label="Add as action"
            aria-keyshortcuts="Shift+Enter"
            marginVertical="$-1"
            onPress={addAsAction}
            onMouseDown={(event: React.MouseEvent) => event.preventDefault()}
          />
        ) : null}
      </Row>
    ) : null
  const aside = (
    <>
      {chips}
      {pasted === null ? null : (
        <Suspense fallback={null}>
          <PastedList
            pasted={pasted}
            onDone={() => {
              setPasted(null)
              focus()
            }}
          />
        </Suspense>
      )}
    </>
  )
  const isAside = chips !== null || pasted !== null

  return (
    <Column gap="$2" flex={chipsBelow ? 1 : undefined} position="relative" minWidth={0}>
      {chipsBelow ? null : aside}
      <Row
        paddingLeft="$3"
        gap="$1"
        alignItems="flex-end"
        style={fieldFrame(theme, { focused: focused || isDropping })}
      >
        <View height={44} justifyContent="center" paddingRight="$1.5">
          <Icon name="pen" tone={focused ? 'brass' : 'inkSoft'} />
        </View>
        <View flex={1} minWidth={0} position="relative" className="growing" minHeight={44}>
          <div className="mirror" ref={mirror} aria-hidden style={inputStyle}>
            <Underlines text={text} clauses={sentence.clauses} />
          </div>
          <textarea
            ref={input}
            id={captureInputId}
            aria-label="Add to the Tray"
            aria-multiline={false}
            placeholder={isDropping ? 'Drop to attach to the next slip' : 'Type or say anything'}
            value={text}
            rows={1}
            autoComplete="off"
            enterKeyHint="done"
            data-quiet-focus
            onChange={(event) => setText(event.target.value)}
            onPaste={onPaste}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && !isComposing(event) && (!event.shiftKey || isWhole)) {
                event.preventDefault()
                if (event.altKey) insert('\n')
                else if (event.shiftKey) addAsAction()
                else setDown()
              }
              if (event.key === 'Escape') input.current?.blur()
            }}
            onScroll={follow}
            onFocus={() => setFocused(true)}
            onBlur={() => setFocused(false)}
            style={inputStyle}
          />
        </View>
        <ChooseFiles onFiles={importFiles} />
        {isNothing || wide ? (
          <Speak
            onHeard={(heard) => {
              change((now) => ({ ...now, text: [now.text.trim(), heard].filter(Boolean).join(' ') }))
              focus()
            }}
          />
        ) : null}
        {isNothing ? null : (
          <IconButton
            label="Add to the Tray"
            icon="enter"
            tone="ink"
            onPress={setDown}
            onMouseDown={(event: React.MouseEvent) => event.preventDefault()}
          />
        )}
      </Row>
      <SpokenLater text={sentence.clauses.length > 0 ? understood : ''} />
      {chipsBelow && isAside ? (
        <Column className="below-line" gap="$2">
          {aside}
        </Column>
      ) : null}
    </Column>
  )
}
