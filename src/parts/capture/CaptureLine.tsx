// The capture line: plain sentences, Enter, next. What was understood is underlined and shown as chips; a thought
// longer than a line opens into several; files lie with it until Enter.
import { useMedia, useTheme, View } from '@tamagui/core'
import { lazy, Suspense, useRef, useState } from 'react'
import { useFileImport } from '@/parts/files/useFileImport'
import { Column, fieldFrame, Icon, IconButton, Row, SpokenLater } from '@/ui'
import { ChooseFiles } from './ChooseFiles'
import { GrowingField } from './GrowingField'
import { useLineChips } from './LineChips'
import { pasting } from './pasting'
import { Speak } from './Speak'
import { useArrivals } from './useArrivals'
import { usePasted } from './useDraft'
import { useDropping } from './useDropping'
import { useThought } from './useThought'

const PastedList = lazy(() => import('./PastedList'))

/** `chipsBelow` hangs the chips under the line (wide head); otherwise they stand above it, out of the thumb's way. */
export function CaptureLine({ chipsBelow = false }: { chipsBelow?: boolean }) {
  const theme = useTheme()
  const { wide } = useMedia()
  const [pasted, setPasted] = usePasted()
  const [focused, setFocused] = useState(false)
  const thought = useThought()
  const { draft, change, sentence, setText, understood, isNothing } = thought
  const input = useRef<HTMLTextAreaElement>(null)
  const focus = () => input.current?.focus()
  const { importFiles, isBusy } = useFileImport(thought.addFiles)
  const addWords = (words: string) => {
    change((now) => ({ ...now, text: [now.text.trim(), words].filter(Boolean).join(' ') }))
    focus()
  }
  const onFiles = (files: readonly File[]) => {
    importFiles(files)
    focus()
  }
  const setDown = () => {
    thought.setDown()
    focus()
  }
  const isDropping = useDropping({
    onFiles,
    onText: addWords,
  })
  useArrivals({
    onText: (sent) => {
      // What was being typed is a thought of its own.
      thought.setDown()
      change((now) => ({ ...now, text: sent }))
      focus()
    },
    onFiles,
  })

  /** As typing would: the browser's own undo takes it back. */
  const insert = (words: string) => {
    focus()
    if (!document.execCommand('insertText', false, words)) setText(draft.text + words)
  }
  const onPaste = pasting({ importFiles, insert, offerList: setPasted })
  const onEnter = ({ shiftKey, altKey }: { shiftKey: boolean; altKey: boolean }): boolean => {
    if (shiftKey && !thought.isWhole) return false
    if (altKey) insert('\n')
    else if (shiftKey) {
      thought.addAsAction()
      focus()
    } else setDown()
    return true
  }

  const chips = useLineChips(thought, isBusy, focus)
  const around =
    chips === null && pasted === null ? null : (
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

  return (
    <Column gap="$2" flex={chipsBelow ? 1 : undefined} position="relative" minWidth={0}>
      {chipsBelow ? null : around}
      <Row
        paddingLeft="$3"
        gap="$1"
        alignItems="flex-end"
        style={fieldFrame(theme, { focused: focused || isDropping })}
      >
        <View height={44} justifyContent="center" paddingRight="$1.5">
          <Icon name="pen" tone={focused ? 'brass' : 'inkSoft'} />
        </View>
        <GrowingField
          input={input}
          text={draft.text}
          clauses={sentence.clauses}
          placeholder={isDropping ? 'Drop to attach to the next slip' : 'Type or say anything'}
          onText={setText}
          onPaste={onPaste}
          onFocused={setFocused}
          onEnter={onEnter}
        />
        <ChooseFiles onFiles={importFiles} />
        {isNothing || wide ? <Speak onHeard={addWords} /> : null}
        {isNothing ? null : (
          <IconButton
            label={thought.ofPeople ? `Add to ${thought.ofPeople.whose}` : 'Add to the Tray'}
            icon="enter"
            tone="ink"
            onPress={setDown}
            onMouseDown={(event: React.MouseEvent) => event.preventDefault()}
          />
        )}
      </Row>
      <SpokenLater text={sentence.clauses.length > 0 ? understood : ''} />
      {chipsBelow && around !== null ? (
        <Column className="below-line" gap="$2">
          {around}
        </Column>
      ) : null}
    </Column>
  )
}
