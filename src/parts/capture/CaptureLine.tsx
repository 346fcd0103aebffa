// The capture line: plain sentences, Enter, next. What was understood is underlined and shown as chips.
import { useTheme, View } from '@tamagui/core'
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react'
import type { Slip } from '@/core/record'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { parseSentence, takenOffKey, unknownNameIn, type Clause, type Sentence } from '@/core/sentence'
import { select } from '@/state'
import { Chip, Column, faces, fieldFrame, Icon, IconButton, Row } from '@/ui'
import { captureInputId } from '@/held/keys'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { chipWords, shortened } from '@/words'

interface Draft {
  readonly text: string
  readonly takenOff: readonly string[]
}

const noDraft: Draft = { text: '', takenOff: [] }

function draftIn(kept: string | null): Draft {
  try {
    const draft = JSON.parse(kept ?? 'null') as Partial<Draft> | null
    return typeof draft?.text === 'string' && Array.isArray(draft.takenOff)
      ? { text: draft.text, takenOff: draft.takenOff.filter((key) => typeof key === 'string') }
      : noDraft
  } catch {
    return noDraft
  }
}

/** The half-typed line, kept on every key press so that a reload or a crash loses nothing. */
function useDraft(): [Draft, (draft: Draft) => void] {
  const { memory } = useZen()
  const [draft, setDraft] = useState<Draft>(() => draftIn(memory.typed.read('draft')))
  useEffect(() => memory.typed.subscribe(() => setDraft(draftIn(memory.typed.read('draft')))), [memory])
  const keep = (next: Draft) => {
    memory.typed.write('draft', next.text === '' ? null : JSON.stringify(next))
    setDraft(next)
  }
  return [draft, keep]
}

/** The day a slip was set down: its words mean what they meant then, whenever it is sorted. */
export function useDayOf({ setDownAtEpochMs }: Slip): CalendarDate {
  const { clock } = useZen()
  return localMomentAt(setDownAtEpochMs, clock.zone()).date
}

/** `saidOn` is the day the words were said; today where it is left out. */
export function useSentence(text: string, takenOff: readonly string[], saidOn?: CalendarDate): Sentence {
  const document = useHeldDocument()
  const now = useToday()
  const today = saidOn ?? now
  const names = select.namesOf(document)
  const { weekStartsOn } = select.settingsOf(document)
  return useMemo(
    () => parseSentence(text, { today, weekStartsOn, names, takenOff }),
    [text, takenOff, today, weekStartsOn, names],
  )
}

/** The words of each clause underlined, behind the text being typed. */
function Underlines({ text, clauses }: { text: string; clauses: readonly Clause[] }) {
  const pieces: React.ReactNode[] = []
  let at = 0
  for (const { start, end } of clauses) {
    if (start < at) continue
    pieces.push(text.slice(at, start), <u key={start}>{text.slice(start, end)}</u>)
    at = end
  }
  return <>{[...pieces, text.slice(at)]}</>
}

const capitalised = (name: string): string => name.charAt(0).toLocaleUpperCase('en-GB') + name.slice(1)

/** Chips for the clauses of a sentence; each can be taken off, a question can be settled. */
export function Chips({
  text,
  clauses,
  takenOff,
  onTakenOff,
}: {
  text: string
  clauses: readonly Clause[]
  takenOff: readonly string[]
  onTakenOff: (takenOff: string[]) => void
}) {
  const today = useToday()
  const act = useAct()
  const takeOff = (...keys: string[]) => onTakenOff([...takenOff, ...keys])
  const unknown = unknownNameIn(text, clauses)
  const offer = unknown ? (
    <Chip
      key="offer"
      unsure
      icon="plus"
      text={`context ${capitalised(unknown)}`}
      name={`Make ${capitalised(unknown)} a context`}
      onTakeOff={() => act('addContext', { name: capitalised(unknown) })}
    />
  ) : null
  const chips = clauses.flatMap((clause) => {
    const words = text.slice(clause.start, clause.end)
    if (clause.kind !== 'question') {
      const said = chipWords(clause, today)
      return [
        <Chip
          key={`${clause.start}${clause.kind}`}
          text={said}
          name={`Take off ${said}`}
          onTakeOff={() => takeOff(takenOffKey(clause.kind, words))}
        />,
      ]
    }
    return clause.options.map((option) => {
      const kind = option.id.split(':')[0]
      const others = clause.options
        .filter((other) => other !== option)
        .map((other) => takenOffKey(other.id, words))
      return (
        <Chip
          key={option.id}
          unsure
          text={`${kind} ${option.name}?`}
          name={`Take ${option.name} as the ${kind}`}
          onTakeOff={() => takeOff(...others)}
        />
      )
    })
  })
  return [...chips, offer]
}

const inputStyle = { font: `400 1rem/1.5rem ${faces.body}` }

/** `chipsBelow` hangs the chips under the line (wide head); otherwise they stand above it, out of the thumb's way. */
export function CaptureLine({ chipsBelow = false }: { chipsBelow?: boolean }) {
  const act = useAct()
  const theme = useTheme()
  const [draft, setDraft] = useDraft()
  const [focused, setFocused] = useState(false)
  const sentence = useSentence(draft.text, draft.takenOff)
  const input = useRef<HTMLInputElement>(null)
  const mirror = useRef<HTMLDivElement>(null)
  const follow = () => {
    if (mirror.current && input.current) mirror.current.scrollLeft = input.current.scrollLeft
  }
  useLayoutEffect(follow, [draft.text])

  const setDown = () => {
    if (draft.text.trim() === '') return
    const outcome = act(
      'setDown',
      { text: draft.text, takenOff: draft.takenOff },
      { say: `Set down: ${shortened(sentence.title)}` },
    )
    if (outcome.ok) setDraft(noDraft)
    input.current?.focus()
  }
  const chips =
    sentence.clauses.length > 0 || unknownNameIn(draft.text, sentence.clauses) ? (
      <Row
        gap="$2"
        flexWrap="wrap"
        role="group"
        aria-label="Understood"
        className="slides-in"
        {...(chipsBelow
          ? ({ position: 'absolute', top: '100%', left: 0, right: 0, zIndex: 30, paddingTop: 8 } as const)
          : {})}
      >
        <Chips
          text={draft.text}
          clauses={sentence.clauses}
          takenOff={draft.takenOff}
          onTakenOff={(takenOff) => {
            setDraft({ ...draft, takenOff })
            input.current?.focus()
          }}
        />
      </Row>
    ) : null

  return (
    <Column gap="$2" flex={chipsBelow ? 1 : undefined} position="relative" minWidth={0}>
      {chipsBelow ? null : chips}
      <Row paddingLeft="$3" gap="$2.5" style={fieldFrame(theme, { focused })}>
        <Icon name="pen" tone={focused ? 'brass' : 'inkSoft'} />
        <View flex={1} minWidth={0} position="relative" height={44} justifyContent="center">
          <div
            className="mirror"
            ref={mirror}
            aria-hidden
            style={{ ...inputStyle, padding: '10px 0', height: 44 }}
          >
            <Underlines text={draft.text} clauses={sentence.clauses} />
          </div>
          <input
            ref={input}
            id={captureInputId}
            aria-label="Set down"
            placeholder="Put it down here"
            value={draft.text}
            autoComplete="off"
            enterKeyHint="done"
            data-quiet-focus
            onChange={(event) =>
              setDraft({
                text: event.target.value,
                takenOff: event.target.value === '' ? [] : draft.takenOff,
              })
            }
            onKeyDown={(event) => {
              if (event.key === 'Enter' && !event.nativeEvent.isComposing) {
                event.preventDefault()
                setDown()
              }
              if (event.key === 'Escape') input.current?.blur()
            }}
            onScroll={follow}
            onSelect={follow}
            onFocus={() => setFocused(true)}
            onBlur={() => setFocused(false)}
            style={{
              ...inputStyle,
              position: 'relative',
              width: '100%',
              height: 44,
              padding: 0,
              border: 0,
              background: 'transparent',
            }}
          />
        </View>
        {draft.text.trim() !== '' ? (
          <IconButton
            label="Set it down"
            icon="enter"
            tone="ink"
            onPress={setDown}
            onMouseDown={(event: React.MouseEvent) => event.preventDefault()}
          />
        ) : null}
      </Row>
      {chipsBelow ? chips : null}
    </Column>
  )
}
