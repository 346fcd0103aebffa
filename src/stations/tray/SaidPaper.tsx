// The slip while it is being made an action: its title to be reworded, all that is set of it in chips, and what comes
// with it as records of its own.
import type { NewAction } from '@/state'
import { Field, Words } from '@/ui'
import { hasSoftKeyboard } from '@/ui/softKeyboard'
import { SaidLine } from '@/parts/said/SaidLine'
import { useHeldDocument, useToday } from '@/held/zen'
import { comesWithWords, saidOf, unsaidOf, type Sayable, type SaidField } from '@/words'
import { DraftPaper } from './SlipPaper'
import type { SaidParts } from './useSaidParts'

interface SaidPaperProps {
  readonly label: string
  readonly title: string
  readonly onTitle: (title: string) => void
  /** What is said where there is no title. */
  readonly needed: string
  readonly of: Sayable
  readonly fields: NewAction
  /** What has a row of its own below, and is not said again here. */
  readonly inRows: ReadonlySet<SaidField>
  readonly onChoose: (field: SaidField) => void
  /** The repeat and the reminders, each a chip with its chooser. */
  readonly parts: SaidParts
}

/** How near it is held is asked first; whether it is promised stands a touch further. */
const due: readonly SaidField[] = ['due']

export function SaidPaper({
  label,
  title,
  onTitle,
  needed,
  of,
  fields,
  inRows,
  onChoose,
  parts,
}: SaidPaperProps) {
  const today = useToday()
  const document = useHeldDocument()
  const comesWith = comesWithWords({ steps: fields.steps }, today)
  return (
    <DraftPaper>
      <Field
        label={label}
        size="title"
        autoFocus={!hasSoftKeyboard()}
        value={title}
        onChangeText={onTitle}
        problem={title.trim() === '' ? needed : null}
      />
      <SaidLine
        chips={[...saidOf(of, document, today).filter(({ field }) => !inRows.has(field)), ...parts.chips]}
        offers={[...unsaidOf(of).filter((field) => !inRows.has(field)), ...parts.offers]}
        onChoose={(field, id) => {
          if (!parts.choose(field, id)) onChoose(field)
        }}
        oneLine
        outright={due}
      />
      {comesWith.length > 0 ? (
        <Words size="second" tone="brass" className="clamped two">
          {comesWith.join(' · ')}
        </Words>
      ) : null}
    </DraftPaper>
  )
}
