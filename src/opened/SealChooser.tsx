// The seal of a shelf: one or two letters or an emoji, in one of twelve inks.
import type { Outcome, RunOptions } from '@/state'
import { Column, Row, Seal } from '@/ui'
import { EditText } from '@/parts/text/EditText'
import { InkChoice } from './InkChoice'

interface SealChooserProps {
  readonly of: { readonly id: string; readonly letters: string; readonly ink: number }
  /** Said where it may be empty: whose seal it bears then. */
  readonly orElse?: string
  readonly onSeal: (patch: { letters?: string; ink?: number }, typing?: RunOptions) => Outcome
}

export function SealChooser({ of, orElse, onSeal }: SealChooserProps) {
  return (
    <Column gap="$3">
      <Row gap="$3">
        <Seal letters={of.letters || null} ink={of.ink} size={44} />
        <Column flex={1} maxWidth={orElse ? 260 : 140}>
          <EditText
            name={`${of.id} letters`}
            label="Letters of the seal"
            shown
            value={of.letters}
            onKeep={(letters, typing) => onSeal({ letters }, typing)}
            {...(orElse ? { placeholder: orElse } : { needed: 'One or two letters, or an emoji.' })}
          />
        </Column>
      </Row>
      <InkChoice ink={of.ink} onChoose={(ink) => onSeal({ ink })} />
    </Column>
  )
}
