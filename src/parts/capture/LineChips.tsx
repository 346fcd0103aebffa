// What lies with the thought in the line: its files, what was understood of it, a context it may want, its way to an
// action.
import { useReader } from '@/held/reader'
import { useToday } from '@/held/zen'
import { FileChips } from '@/parts/files/FileChips'
import { Button, Chip, OfferChip, Row } from '@/ui'
import { Understood, useHasUnderstood } from './Understood'
import { useFirstWord } from './useFirstWord'
import { saidOfPeopleKey } from './useSaidOfPeople'
import { useSentenceContext } from './useSentence'
import type { Thought } from './useThought'

/** Chips of the line; null where there is nothing to show. */
export function useLineChips(thought: Thought, isBusy: boolean, focus: () => void): React.ReactNode {
  const reader = useReader()
  const today = useToday()
  const context = useSentenceContext()
  const { draft, change, line, sentence, setLine, ofPeople, isWhole, addAsAction } = thought
  const { takenOff, files } = draft
  const first = useFirstWord(sentence)
  const hasUnderstood = useHasUnderstood(line, sentence)

  /** Says a context in the sentence, as if it had been typed. */
  const say = ({ id, name }: NonNullable<typeof first>) => {
    const read = (words: string) => reader.parseSentence(words, { ...context, takenOff })
    const words = reader.resay(line, { contextIds: [id] }, { today, nameOf: () => name, read })
    setLine(words, reader.stillTakenOff(words, takenOff))
  }

  if (ofPeople)
    return (
      <Row gap="$2" flexWrap="wrap" role="group" aria-label="Understood">
        <Chip
          text={ofPeople.words}
          onPress={focus}
          onTakeOff={() => {
            setLine(line, [...takenOff, saidOfPeopleKey])
            focus()
          }}
        />
      </Row>
    )
  if (!hasUnderstood && !first && files.length === 0 && !isBusy) return null
  return (
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
            setLine(said, off)
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
          onPress={() => {
            addAsAction()
            focus()
          }}
          onMouseDown={(event: React.MouseEvent) => event.preventDefault()}
        />
      ) : null}
    </Row>
  )
}
